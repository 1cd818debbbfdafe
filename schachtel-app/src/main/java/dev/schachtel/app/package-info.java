/**
 * The web application: pages, storage, files in and out. Packages by station; each translates between the browser and
 * the core and works nothing out itself. Entry type: {@link dev.schachtel.app.App}.
 */
@NullMarked
package dev.schachtel.app;

import org.jspecify.annotations.NullMarked;
