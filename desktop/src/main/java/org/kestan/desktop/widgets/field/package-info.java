/**
 * Fields that read and write one value of the job: text is parsed on Enter or when the focus leaves, an error is shown
 * at the field, and nothing typed is lost.
 */
package org.kestan.desktop.widgets.field;
