CREATE TABLE "verdicts" (
	"team_id" text NOT NULL,
	"document" text NOT NULL,
	"engine" integer NOT NULL,
	"settings" text NOT NULL,
	"verdict" jsonb,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "verdicts_team_id_document_engine_settings_pk" PRIMARY KEY("team_id","document","engine","settings")
);
--> statement-breakpoint
ALTER TABLE "plays" ADD COLUMN "judged" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "verdicts" ADD CONSTRAINT "verdicts_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;