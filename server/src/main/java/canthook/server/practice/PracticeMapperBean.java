package canthook.server.practice;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of practice, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class PracticeMapperBean {
    @Bean
    MapperFactoryBean<PracticeMapper> practiceMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<PracticeMapper> mapper = new MapperFactoryBean<>(PracticeMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
