package canthook.server.book;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of the book, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class BookMapperBean {
    @Bean
    MapperFactoryBean<BookMapper> bookMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<BookMapper> mapper = new MapperFactoryBean<>(BookMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
