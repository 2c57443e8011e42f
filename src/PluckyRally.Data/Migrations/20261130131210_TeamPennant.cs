using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class TeamPennant : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Pennant",
                table: "StoredTeam",
                type: "INTEGER",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Pennant",
                table: "StoredTeam");
        }
    }
}
