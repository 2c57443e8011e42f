using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class ShelfAndHistory : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Archived",
                table: "Briefs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Grades",
                table: "Briefs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "Minutes",
                table: "Briefs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "Pattern",
                table: "Briefs",
                type: "TEXT",
                maxLength: 40,
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "SearchText",
                table: "Briefs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.CreateTable(
                name: "Versions",
                columns: table => new
                {
                    BriefId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Revision = table.Column<int>(type: "INTEGER", nullable: false),
                    Document = table.Column<string>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    SavedAt = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Versions", x => new { x.BriefId, x.Revision });
                    table.ForeignKey(
                        name: "FK_Versions_Briefs_BriefId",
                        column: x => x.BriefId,
                        principalTable: "Briefs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Versions");

            migrationBuilder.DropColumn(
                name: "Archived",
                table: "Briefs");

            migrationBuilder.DropColumn(
                name: "Grades",
                table: "Briefs");

            migrationBuilder.DropColumn(
                name: "Minutes",
                table: "Briefs");

            migrationBuilder.DropColumn(
                name: "Pattern",
                table: "Briefs");

            migrationBuilder.DropColumn(
                name: "SearchText",
                table: "Briefs");
        }
    }
}
