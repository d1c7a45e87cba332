package canthook.server.breakdown;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of cut plans, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class CutPlanMapperBean {
    @Bean
    MapperFactoryBean<CutPlanMapper> cutPlanMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<CutPlanMapper> mapper = new MapperFactoryBean<>(CutPlanMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
