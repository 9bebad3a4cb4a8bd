/** The learner's record and begun cases, kept as files. */
package org.kestan.practice.file;
