/**
 * What a photograph of an instrument measures: the camera that took it, from what is known in the picture, and lengths between
 * edges seen by it. Edges are found elsewhere.
 */
package org.kestan.analysis.picture;
