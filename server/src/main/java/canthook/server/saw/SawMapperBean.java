package canthook.server.saw;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of runs, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class SawMapperBean {
    @Bean
    MapperFactoryBean<SawMapper> sawMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<SawMapper> mapper = new MapperFactoryBean<>(SawMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
