package canthook.server.rack;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of the rack, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class RackMapperBean {
    @Bean
    MapperFactoryBean<RackMapper> rackMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<RackMapper> mapper = new MapperFactoryBean<>(RackMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
