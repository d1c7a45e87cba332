package canthook.server.sharing;

import org.mybatis.spring.SqlSessionTemplate;
import org.mybatis.spring.mapper.MapperFactoryBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The rows of devices, named here rather than looked for at every start. */
@Configuration(proxyBeanMethods = false)
class DeviceMapperBean {
    @Bean
    MapperFactoryBean<DeviceMapper> deviceMapper(SqlSessionTemplate sessions) {
        MapperFactoryBean<DeviceMapper> mapper = new MapperFactoryBean<>(DeviceMapper.class);
        mapper.setSqlSessionTemplate(sessions);
        return mapper;
    }
}
