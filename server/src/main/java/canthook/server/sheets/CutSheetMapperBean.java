package canthook.server.sheets;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of cut sheets, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class CutSheetMapperBean {
    @Bean
    MapperFactoryBean<CutSheetMapper> cutSheetMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<CutSheetMapper> mapper = new MapperFactoryBean<>(CutSheetMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
