using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <summary>
    /// The team that a device speaks for; and what is said in rallies, word by word (SQLite's FTS5), kept by triggers,
    /// so that whatever writes or removes an entry keeps it too. What is removed leaves no word behind.
    /// </summary>
    public partial class VoicesAndWords : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "TeamVoices",
                columns: table => new
                {
                    RallyId = table.Column<Guid>(type: "TEXT", nullable: false),
                    SessionId = table.Column<string>(type: "TEXT", nullable: false),
                    TeamId = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_TeamVoices", x => new { x.RallyId, x.SessionId });
                    table.ForeignKey(
                        name: "FK_TeamVoices_Rallies_RallyId",
                        column: x => x.RallyId,
                        principalTable: "Rallies",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_TeamVoices_Sessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "Sessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_TeamVoices_SessionId",
                table: "TeamVoices",
                column: "SessionId");

            migrationBuilder.Sql(
                """CREATE VIRTUAL TABLE "Said" USING fts5("Words", tokenize = "unicode61 remove_diacritics 0")"""
            );
            migrationBuilder.Sql("""INSERT INTO "Said" ("Said", "rank") VALUES ('secure-delete', 1)""");
            migrationBuilder.Sql(
                $"""
                INSERT INTO "Said" ("rowid", "Words")
                SELECT "Sequence", {Words("Entries")} FROM "Entries" WHERE {Speaks("Entries")}
                """
            );
            migrationBuilder.Sql(
                $"""
                CREATE TRIGGER "SaidNew" AFTER INSERT ON "Entries" WHEN {Speaks("NEW")} BEGIN
                  INSERT INTO "Said" ("rowid", "Words") VALUES (NEW."Sequence", {Words("NEW")});
                END
                """
            );
            migrationBuilder.Sql(
                """
                CREATE TRIGGER "SaidGone" AFTER DELETE ON "Entries" BEGIN
                  DELETE FROM "Said" WHERE "rowid" = OLD."Sequence";
                END
                """
            );
            migrationBuilder.Sql(
                $"""
                CREATE TRIGGER "SaidAnew" AFTER UPDATE OF "Document" ON "Entries" BEGIN
                  DELETE FROM "Said" WHERE "rowid" = OLD."Sequence";
                  INSERT INTO "Said" ("rowid", "Words")
                  SELECT NEW."Sequence", {Words("NEW")} WHERE {Speaks("NEW")};
                END
                """
            );
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var trigger in new[] { "SaidNew", "SaidGone", "SaidAnew" })
                migrationBuilder.Sql($"""DROP TRIGGER "{trigger}" """);
            migrationBuilder.Sql("""DROP TABLE "Said" """);

            migrationBuilder.DropTable(
                name: "TeamVoices");
        }

        /// <summary>Whether a row is of an entry that holds words of people; a row that is no JSON is none.</summary>
        private static string Speaks(string row) =>
            $"""
            CASE WHEN json_valid({row}."Document") THEN json_extract({row}."Document", '$.kind') ELSE '' END
            IN ('noteMade', 'answerGiven', 'lookedBack', 'tagSeen', 'designNoted')
            """;

        /// <summary>The fields in which those words stand.</summary>
        private static string Words(string row) =>
            string.Join(
                " || ' ' || ",
                new[] { "text", "worked", "didNot", "change", "why", "together", "word", "changed" }.Select(field =>
                    $"""coalesce(json_extract({row}."Document", '$.{field}'), '')"""
                )
            );
    }
}
