package canthook.server.rack;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of steps, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class SquareMapperBean {
    @Bean
    MapperFactoryBean<SquareMapper> squareMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<SquareMapper> mapper = new MapperFactoryBean<>(SquareMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
