/** Security, error pages, first data. Entry type: {@link dev.schachtel.app.setup.SecurityConfig}. */
@NullMarked
package dev.schachtel.app.setup;

import org.jspecify.annotations.NullMarked;
