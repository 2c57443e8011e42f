using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class KitNames : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "AlwaysThere",
                table: "Cupboard",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "OtherNames",
                table: "Cupboard",
                type: "TEXT",
                nullable: false,
                defaultValue: "");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "AlwaysThere",
                table: "Cupboard");

            migrationBuilder.DropColumn(
                name: "OtherNames",
                table: "Cupboard");
        }
    }
}
