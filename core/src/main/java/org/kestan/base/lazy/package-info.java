/** Values worked out once, when they are first asked for. */
package org.kestan.base.lazy;
