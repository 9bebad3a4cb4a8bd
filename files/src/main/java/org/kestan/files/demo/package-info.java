/** The sample jobs that ship with the application. */
package org.kestan.files.demo;
