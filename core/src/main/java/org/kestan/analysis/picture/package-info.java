/**
 * What a photograph of an instrument measures: the camera that took it, worked out from what is known in the picture,
 * and lengths between the edges it shows. Finding the edges is left to the module {@code devices}.
 */
package org.kestan.analysis.picture;
