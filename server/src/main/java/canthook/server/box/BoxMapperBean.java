package canthook.server.box;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of boxes, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class BoxMapperBean {
    @Bean
    MapperFactoryBean<BoxMapper> boxMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<BoxMapper> mapper = new MapperFactoryBean<>(BoxMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
