using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class LivingRallies : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
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

            migrationBuilder.AddColumn<bool>(
                name: "PutAway",
                table: "Rallies",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Wishes",
                table: "Classes",
                type: "TEXT",
                nullable: false,
                defaultValue: "");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Later",
                table: "TeamPupils");

            migrationBuilder.DropColumn(
                name: "Later",
                table: "StoredTeam");

            migrationBuilder.DropColumn(
                name: "PutAway",
                table: "Rallies");

            migrationBuilder.DropColumn(
                name: "Wishes",
                table: "Classes");
        }
    }
}
