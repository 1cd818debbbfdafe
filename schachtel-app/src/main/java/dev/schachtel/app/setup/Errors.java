package dev.schachtel.app.setup;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.springframework.boot.autoconfigure.web.ErrorProperties;
import org.springframework.boot.web.error.ErrorAttributeOptions;
import org.springframework.boot.webmvc.autoconfigure.error.BasicErrorController;
import org.springframework.boot.webmvc.autoconfigure.error.ErrorViewResolver;
import org.springframework.boot.webmvc.error.ErrorAttributes;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;

/** The page of troubles; who asks for its address without any finds that there is nothing there. */
@Controller
class Errors extends BasicErrorController {
    private static final Pattern CARD = Pattern.compile("^/cards/(\\d{1,18})(/|$)");

    Errors(ErrorAttributes attributes, List<ErrorViewResolver> resolvers) {
        super(attributes, new ErrorProperties(), resolvers);
    }

    @Override
    protected HttpStatus getStatus(HttpServletRequest request) {
        return request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE) == null
                ? HttpStatus.NOT_FOUND
                : super.getStatus(request);
    }

    @Override
    protected Map<String, Object> getErrorAttributes(HttpServletRequest request, ErrorAttributeOptions options) {
        Map<String, Object> attributes = new LinkedHashMap<>(super.getErrorAttributes(request, options));
        attributes.put("status", getStatus(request).value());
        attributes.put("error", getStatus(request).getReasonPhrase());
        Matcher card = CARD.matcher(String.valueOf(request.getAttribute(RequestDispatcher.ERROR_REQUEST_URI)));
        attributes.put("card", getStatus(request).is5xxServerError() && card.find() ? card.group(1) : null);
        return attributes;
    }
}
