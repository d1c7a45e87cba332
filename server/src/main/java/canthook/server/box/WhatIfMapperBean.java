package canthook.server.box;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of what-ifs, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class WhatIfMapperBean {
    @Bean
    MapperFactoryBean<WhatIfMapper> whatIfMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<WhatIfMapper> mapper = new MapperFactoryBean<>(WhatIfMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
