ALTER TABLE "play_versions" DROP CONSTRAINT "play_versions_play_id_plays_id_fk";--> statement-breakpoint
DROP INDEX "play_versions_revision";--> statement-breakpoint
ALTER TABLE "plays" DROP CONSTRAINT "plays_pkey";--> statement-breakpoint
ALTER TABLE "plays" ADD CONSTRAINT "plays_team_id_id_pk" PRIMARY KEY("team_id","id");--> statement-breakpoint
ALTER TABLE "plays" ADD COLUMN "derived" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "plays" ADD COLUMN "last_save" text;--> statement-breakpoint
ALTER TABLE "teams" ADD COLUMN "plays_version" bigint DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "play_versions" ADD COLUMN "team_id" text;--> statement-breakpoint
UPDATE "play_versions" SET "team_id" = "plays"."team_id" FROM "plays" WHERE "plays"."id" = "play_versions"."play_id";--> statement-breakpoint
ALTER TABLE "play_versions" ALTER COLUMN "team_id" SET NOT NULL;--> statement-breakpoint
CREATE TABLE "play_saves" (
	"team_id" text NOT NULL,
	"play_id" text NOT NULL,
	"save" text NOT NULL,
	"revision" integer NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "play_saves_team_id_play_id_save_pk" PRIMARY KEY("team_id","play_id","save")
);
--> statement-breakpoint
ALTER TABLE "play_saves" ADD CONSTRAINT "play_saves_team_id_play_id_plays_team_id_id_fk" FOREIGN KEY ("team_id","play_id") REFERENCES "public"."plays"("team_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "play_saves_at" ON "play_saves" USING btree ("saved_at");--> statement-breakpoint
ALTER TABLE "play_versions" ADD CONSTRAINT "play_versions_team_id_play_id_plays_team_id_id_fk" FOREIGN KEY ("team_id","play_id") REFERENCES "public"."plays"("team_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "play_versions_of" ON "play_versions" USING btree ("team_id","play_id","revision");--> statement-breakpoint
CREATE INDEX "plays_derived" ON "plays" USING btree ("derived");
