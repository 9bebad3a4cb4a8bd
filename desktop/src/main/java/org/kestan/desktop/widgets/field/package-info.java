/**
 * Fields that read and write one value of the job: what is typed is parsed on Enter or when the focus leaves, an error
 * stands at the field, and nothing typed is lost.
 */
package org.kestan.desktop.widgets.field;
