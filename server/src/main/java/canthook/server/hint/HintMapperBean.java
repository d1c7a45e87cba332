package canthook.server.hint;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of hints, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class HintMapperBean {
    @Bean
    MapperFactoryBean<HintMapper> hintMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<HintMapper> mapper = new MapperFactoryBean<>(HintMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
