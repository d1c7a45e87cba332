package canthook.server.box;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of histories, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class HistoryMapperBean {
    @Bean
    MapperFactoryBean<HistoryMapper> historyMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<HistoryMapper> mapper = new MapperFactoryBean<>(HistoryMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
