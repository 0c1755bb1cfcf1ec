CREATE TABLE "record_versions" (
	"team_id" text NOT NULL,
	"kind" text NOT NULL,
	"record_id" text NOT NULL,
	"revision" integer NOT NULL,
	"sitting" text NOT NULL,
	"body" jsonb,
	"started_at" timestamp with time zone DEFAULT now() NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "record_versions_team_id_kind_record_id_revision_pk" PRIMARY KEY("team_id","kind","record_id","revision")
);
--> statement-breakpoint
CREATE TABLE "records" (
	"team_id" text NOT NULL,
	"kind" text NOT NULL,
	"id" text NOT NULL,
	"revision" integer NOT NULL,
	"body" jsonb,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "records_team_id_kind_id_pk" PRIMARY KEY("team_id","kind","id")
);
--> statement-breakpoint
CREATE TABLE "related" (
	"team_id" text NOT NULL,
	"content" text NOT NULL,
	"engine" integer NOT NULL,
	"body" jsonb,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "related_team_id_content_engine_pk" PRIMARY KEY("team_id","content","engine")
);
--> statement-breakpoint
CREATE TABLE "relations" (
	"team_id" text NOT NULL,
	"a" text NOT NULL,
	"b" text NOT NULL,
	"content_a" text NOT NULL,
	"content_b" text NOT NULL,
	"engine" integer NOT NULL,
	"body" jsonb NOT NULL,
	CONSTRAINT "relations_team_id_a_b_pk" PRIMARY KEY("team_id","a","b")
);
--> statement-breakpoint
CREATE TABLE "trials" (
	"team_id" text NOT NULL,
	"document" text NOT NULL,
	"defence" text NOT NULL,
	"engine" integer NOT NULL,
	"settings" text NOT NULL,
	"body" jsonb,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "trials_team_id_document_defence_engine_settings_pk" PRIMARY KEY("team_id","document","defence","engine","settings")
);
--> statement-breakpoint
ALTER TABLE "plays" ADD COLUMN "related" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "plays" ADD COLUMN "compared" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "record_versions" ADD CONSTRAINT "record_versions_team_id_kind_record_id_records_team_id_kind_id_fk" FOREIGN KEY ("team_id","kind","record_id") REFERENCES "public"."records"("team_id","kind","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "records" ADD CONSTRAINT "records_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "related" ADD CONSTRAINT "related_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "relations" ADD CONSTRAINT "relations_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trials" ADD CONSTRAINT "trials_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "relations_b" ON "relations" USING btree ("team_id","b");