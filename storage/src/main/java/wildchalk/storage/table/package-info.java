/** What every table needs that a spreadsheet opens. Never what stands in one. */
package wildchalk.storage.table;
