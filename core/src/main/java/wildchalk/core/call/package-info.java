/** What a coach may call and what is called next. Pure: chance comes from a seed. Never how it is shown or spoken. */
package wildchalk.core.call;
