CREATE TABLE "plans" (
	"team_id" text NOT NULL,
	"id" text NOT NULL,
	"order" jsonb NOT NULL,
	"state" text DEFAULT 'waiting' NOT NULL,
	"plan" jsonb,
	"value" double precision,
	"gap" double precision,
	"seconds" double precision DEFAULT 0 NOT NULL,
	"attempt" integer DEFAULT 0 NOT NULL,
	"beat_at" timestamp with time zone DEFAULT now() NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "plans_team_id_id_pk" PRIMARY KEY("team_id","id")
);
--> statement-breakpoint
ALTER TABLE "plans" ADD CONSTRAINT "plans_team_id_teams_id_fk" FOREIGN KEY ("team_id") REFERENCES "public"."teams"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "plans_at" ON "plans" USING btree ("created_at");