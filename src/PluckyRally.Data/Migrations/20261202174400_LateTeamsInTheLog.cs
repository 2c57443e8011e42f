using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class LateTeamsInTheLog : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.Sql("""
                DELETE FROM "TeamPupils" WHERE "Later" = 1;
                DELETE FROM "StoredTeam" WHERE "Later" = 1;
                ALTER TABLE "TeamPupils" DROP COLUMN "Later";
                ALTER TABLE "StoredTeam" DROP COLUMN "Later";
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Later",
                table: "TeamPupils",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "Later",
                table: "StoredTeam",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);
        }
    }
}
