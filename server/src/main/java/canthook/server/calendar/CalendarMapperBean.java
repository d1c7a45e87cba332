package canthook.server.calendar;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of the calendar, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class CalendarMapperBean {
    @Bean
    MapperFactoryBean<CalendarMapper> calendarMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<CalendarMapper> mapper = new MapperFactoryBean<>(CalendarMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
