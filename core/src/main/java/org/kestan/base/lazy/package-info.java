/** Values computed once, when they are first requested. */
package org.kestan.base.lazy;
