DROP INDEX "entry_date";--> statement-breakpoint
CREATE INDEX "entry_amends" ON "entry" USING btree ("home_id","target_id") WHERE "entry"."kind" = 'amends';--> statement-breakpoint
CREATE INDEX "entry_date" ON "entry" USING btree ("home_id","date","seq");