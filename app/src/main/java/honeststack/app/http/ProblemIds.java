package honeststack.app.http;

import org.slf4j.MDC;
import org.springframework.core.MethodParameter;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.ResponseBodyAdvice;

/** Every problem document says by which name the log knows the request. */
@RestControllerAdvice
class ProblemIds implements ResponseBodyAdvice<Object> {
  @Override
  public boolean supports(
      MethodParameter type, Class<? extends HttpMessageConverter<?>> converter) {
    return true;
  }

  @Override
  public Object beforeBodyWrite(
      Object body,
      MethodParameter type,
      MediaType media,
      Class<? extends HttpMessageConverter<?>> converter,
      ServerHttpRequest request,
      ServerHttpResponse response) {
    if (body instanceof ProblemDetail problem && MDC.get(RequestIdFilter.REQUEST) != null) {
      problem.setProperty(RequestIdFilter.REQUEST, MDC.get(RequestIdFilter.REQUEST));
    }
    return body;
  }
}
