CREATE TABLE "account" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"password_hash" text NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "account_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "asset" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"space_id" uuid,
	"part_of" uuid,
	"succeeds" uuid,
	"installed" date,
	"facts_version" integer DEFAULT 1 NOT NULL,
	"facts" jsonb NOT NULL,
	CONSTRAINT "asset_home_id_id_pk" PRIMARY KEY("home_id","id"),
	CONSTRAINT "asset_one_successor" UNIQUE("home_id","succeeds")
);
--> statement-breakpoint
CREATE TABLE "asset_serves" (
	"home_id" uuid NOT NULL,
	"asset_id" uuid NOT NULL,
	"serves_id" uuid NOT NULL,
	CONSTRAINT "asset_serves_home_id_asset_id_serves_id_pk" PRIMARY KEY("home_id","asset_id","serves_id")
);
--> statement-breakpoint
CREATE TABLE "attempt" (
	"key" text PRIMARY KEY NOT NULL,
	"count" integer NOT NULL,
	"resets_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "duty" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"asset_id" uuid NOT NULL,
	"practice_version" integer DEFAULT 1 NOT NULL,
	"practice" jsonb NOT NULL,
	CONSTRAINT "duty_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
CREATE TABLE "duty_window" (
	"home_id" uuid NOT NULL,
	"duty_id" uuid NOT NULL,
	"projected_on" date NOT NULL,
	"changes_on" date,
	"retired" boolean NOT NULL,
	"occurrence" text,
	"earliest" date,
	"due" date,
	"latest" date,
	"baseline" boolean NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"reasons" jsonb NOT NULL,
	"missed" jsonb NOT NULL,
	"extras" jsonb NOT NULL,
	CONSTRAINT "duty_window_home_id_duty_id_pk" PRIMARY KEY("home_id","duty_id")
);
--> statement-breakpoint
CREATE TABLE "entry" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"date" date NOT NULL,
	"stamped_at" timestamp (3) with time zone NOT NULL,
	"by_person" uuid NOT NULL,
	"batch" uuid,
	"kind" text NOT NULL,
	"body_version" integer DEFAULT 1 NOT NULL,
	"body" jsonb NOT NULL,
	"duty_id" uuid,
	"target_id" uuid,
	"sent_hash" text NOT NULL,
	"prev_hash" text NOT NULL,
	"hash" text NOT NULL,
	CONSTRAINT "entry_home_id_id_pk" PRIMARY KEY("home_id","id"),
	CONSTRAINT "entry_sequence" UNIQUE("home_id","seq"),
	CONSTRAINT "entry_seq_positive" CHECK ("entry"."seq" > 0)
);
--> statement-breakpoint
CREATE TABLE "erasure" (
	"home_id" uuid PRIMARY KEY NOT NULL,
	"by_person" uuid NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"entries" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "home" (
	"home_id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"zone" text NOT NULL,
	"hemisphere" text NOT NULL,
	"units" text NOT NULL,
	"vocabulary" text NOT NULL,
	"currency" text NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "home_person" (
	"home_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"name" text NOT NULL,
	CONSTRAINT "home_person_home_id_person_id_pk" PRIMARY KEY("home_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "membership" (
	"home_id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"role" text NOT NULL,
	CONSTRAINT "membership_home_id_person_id_pk" PRIMARY KEY("home_id","person_id")
);
--> statement-breakpoint
CREATE TABLE "session" (
	"sid" text PRIMARY KEY NOT NULL,
	"sess" json NOT NULL,
	"expire" timestamp (6) NOT NULL
);
--> statement-breakpoint
CREATE TABLE "space" (
	"home_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"storey" integer,
	"side" text,
	CONSTRAINT "space_home_id_id_pk" PRIMARY KEY("home_id","id")
);
--> statement-breakpoint
ALTER TABLE "asset" ADD CONSTRAINT "asset_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "asset" ADD CONSTRAINT "asset_home_id_space_id_space_home_id_id_fk" FOREIGN KEY ("home_id","space_id") REFERENCES "public"."space"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "asset" ADD CONSTRAINT "asset_part_of" FOREIGN KEY ("home_id","part_of") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "asset" ADD CONSTRAINT "asset_succeeds" FOREIGN KEY ("home_id","succeeds") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "asset_serves" ADD CONSTRAINT "serves_from" FOREIGN KEY ("home_id","asset_id") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "asset_serves" ADD CONSTRAINT "serves_to" FOREIGN KEY ("home_id","serves_id") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "duty" ADD CONSTRAINT "duty_home_id_asset_id_asset_home_id_id_fk" FOREIGN KEY ("home_id","asset_id") REFERENCES "public"."asset"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "duty_window" ADD CONSTRAINT "duty_window_home_id_duty_id_duty_home_id_id_fk" FOREIGN KEY ("home_id","duty_id") REFERENCES "public"."duty"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entry" ADD CONSTRAINT "entry_home_id_by_person_home_person_home_id_person_id_fk" FOREIGN KEY ("home_id","by_person") REFERENCES "public"."home_person"("home_id","person_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entry" ADD CONSTRAINT "entry_home_id_duty_id_duty_home_id_id_fk" FOREIGN KEY ("home_id","duty_id") REFERENCES "public"."duty"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "entry" ADD CONSTRAINT "entry_target" FOREIGN KEY ("home_id","target_id") REFERENCES "public"."entry"("home_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "home_person" ADD CONSTRAINT "home_person_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "membership" ADD CONSTRAINT "membership_home_id_person_id_home_person_home_id_person_id_fk" FOREIGN KEY ("home_id","person_id") REFERENCES "public"."home_person"("home_id","person_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "space" ADD CONSTRAINT "space_home_id_home_home_id_fk" FOREIGN KEY ("home_id") REFERENCES "public"."home"("home_id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "entry_duty" ON "entry" USING btree ("home_id","duty_id","seq");--> statement-breakpoint
CREATE INDEX "entry_target" ON "entry" USING btree ("home_id","target_id");--> statement-breakpoint
CREATE INDEX "membership_person" ON "membership" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "session_expire" ON "session" USING btree ("expire");