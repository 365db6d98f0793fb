/** Lists of what a rig is made of and what is done to it, each a table of words and amounts, named once in {@link RigLists}. */
@NullMarked
package app.brightkeel.core.lists;

import org.jspecify.annotations.NullMarked;
