/** What the stage Feed answers: plans kept, proposed, solved and measured. */
@NullMarked
package mellow.server.feed.service;

import org.jspecify.annotations.NullMarked;
