package dev.schachtel.app.setup;

import java.sql.SQLException;
import java.util.Set;

import org.apache.tomcat.util.http.InvalidParameterException;
import org.springframework.beans.InvalidPropertyException;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionException;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

import dev.schachtel.app.log.NoSuchBuildException;
import dev.schachtel.app.store.ChangedElsewhereException;
import dev.schachtel.app.store.NoSuchCardException;
import dev.schachtel.core.model.RefusedException;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

/** What a maker reads when something goes wrong; a controller may word its own refusals otherwise. */
@ControllerAdvice
class Troubles {
    /** MariaDB's numbers for a table that can't grow and for a disk that has no room. */
    private static final Set<Integer> DISK_FULL = Set.of(1114, 1021);

    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String refused(RefusedException e, HttpServletRequest request, Model model) {
        if (request.getHeader("HX-Request") == null) {
            return page(model, "That can’t be done", e.getMessage());
        }
        model.addAttribute("reason", e.reason());
        return "frame/refused";
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.CONFLICT)
    String elsewhere(
            ChangedElsewhereException e, HttpServletRequest request, HttpServletResponse response, Model model) {
        if (request.getHeader("HX-Request") == null) {
            return page(
                    model,
                    "Changed elsewhere",
                    "This card was changed in another window meanwhile. Nothing was lost: go back, load the page again"
                            + " and do it once more.");
        }
        model.addAttribute("card", e.card());
        model.addAttribute("aside", e.aside());
        // Whatever the page wanted to draw anew stays as it is; only the notice comes.
        response.setHeader("HX-Reswap", "none");
        return "frame/elsewhere";
    }

    /** In an address it names no card; in a form it is no answer to what was asked. */
    @ExceptionHandler
    String noneSuch(
            MethodArgumentTypeMismatchException e,
            HttpServletRequest request,
            HttpServletResponse response,
            Model model) {
        if (e.getParameter().hasParameterAnnotation(PathVariable.class)) {
            response.setStatus(HttpStatus.NOT_FOUND.value());
            return noCard(model);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return refused(
                new RefusedException(e.getName(), "is none of what can be chosen; load the page again"),
                request,
                model);
    }

    /** Fields that no form of ours has, such as a list where there is one value. */
    @ExceptionHandler
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String noField(InvalidPropertyException e, HttpServletRequest request, Model model) {
        return refused(
                new RefusedException(e.getPropertyName(), "is nothing that can be said here; load the page again"),
                request,
                model);
    }

    @ExceptionHandler(NoSuchCardException.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String noCard(Model model) {
        return page(model, "There is no such card here", "It may have another address, or was never made.");
    }

    @ExceptionHandler(NoSuchBuildException.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String noBuild(Model model) {
        return page(model, "This build is not in the log", "It may have been taken out while you read it.");
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.CONTENT_TOO_LARGE)
    String tooLarge(MaxUploadSizeExceededException e, Model model) {
        return page(model, "This file is too large", "A card file may be 10 MB at most. Nothing was changed.");
    }

    @ExceptionHandler
    @ResponseStatus(HttpStatus.CONTENT_TOO_LARGE)
    String tooMuch(InvalidParameterException e, Model model) {
        return page(model, "This is more than a form can hold", "A form may be 2 MB at most. Nothing was changed.");
    }

    /** The database gives up after a while, and says so by number; a full disk by one of two. */
    @ExceptionHandler({TransactionException.class, DataAccessException.class})
    String noDatabase(Exception e, HttpServletRequest request, HttpServletResponse response, Model model) {
        if (isDiskFull(e)) {
            return diskFull(request, response, model);
        }
        response.setStatus(HttpStatus.SERVICE_UNAVAILABLE.value());
        model.addAttribute("again", true);
        return page(
                model,
                "The card store does not answer",
                "Your cards are safe where they are. This page looks again every few seconds.");
    }

    private static boolean isDiskFull(Throwable thrown) {
        for (Throwable e = thrown; e != null; e = e.getCause()) {
            if (e instanceof SQLException sql && DISK_FULL.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }

    private static String diskFull(HttpServletRequest request, HttpServletResponse response, Model model) {
        String full =
                "The disk on which Schachtel keeps its data is full. What you just did was not kept; all that was kept before is"
                        + " safe, and can be read. Free some space on that disk, go back, and do it again.";
        if (request.getHeader("HX-Request") != null) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            model.addAttribute("reason", full);
            return "frame/refused";
        }
        response.setStatus(HttpStatus.INSUFFICIENT_STORAGE.value());
        return page(model, "The disk is full", full);
    }

    private static String page(Model model, String title, String reason) {
        model.addAttribute("title", title);
        model.addAttribute("where", "");
        model.addAttribute("reason", reason);
        return "frame/trouble";
    }
}
