/**
 * What could hurt somebody in a drill, one small class each. Begin with {@link wildchalk.core.check.hurt.HurtChecks}.
 * Every threshold is assumed and stands in {@link wildchalk.core.check.hurt.Assumed}: a sport's own rules, a club and
 * qualified people stand above them. Never what mends it.
 */
package wildchalk.core.check.hurt;
