package canthook.server.box;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of steps, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class StepMapperBean {
    @Bean
    MapperFactoryBean<StepMapper> stepMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<StepMapper> mapper = new MapperFactoryBean<>(StepMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
