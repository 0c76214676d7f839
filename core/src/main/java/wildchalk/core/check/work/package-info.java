/**
 * What will not work in a drill, one small class each: what cannot happen, what an opponent is sooner at, what there is
 * too little of, what breaks a line's rule of the sport. Begin with {@link wildchalk.core.check.work.WorkChecks}. Rules
 * of sports stand in a table of their own with where they come from; never a referee.
 */
package wildchalk.core.check.work;
