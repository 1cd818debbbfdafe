/** Downloads and the published schema. Entry type: {@link dev.schachtel.app.files.FilesController}. */
@NullMarked
package dev.schachtel.app.files;

import org.jspecify.annotations.NullMarked;
