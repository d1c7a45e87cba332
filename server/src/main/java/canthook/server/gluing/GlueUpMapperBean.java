package canthook.server.gluing;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of gluings, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class GlueUpMapperBean {
    @Bean
    MapperFactoryBean<GlueUpMapper> gluingMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<GlueUpMapper> mapper = new MapperFactoryBean<>(GlueUpMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
