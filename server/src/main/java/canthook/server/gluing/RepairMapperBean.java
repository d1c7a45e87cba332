package canthook.server.gluing;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of repairs, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class RepairMapperBean {
    @Bean
    MapperFactoryBean<RepairMapper> repairMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<RepairMapper> mapper = new MapperFactoryBean<>(RepairMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
