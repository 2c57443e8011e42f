using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class CodesForSeveralRallies : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Passes_Code",
                table: "Passes");

            migrationBuilder.CreateIndex(
                name: "IX_Passes_Code_RallyId",
                table: "Passes",
                columns: new[] { "Code", "RallyId" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Passes_Code_RallyId",
                table: "Passes");

            migrationBuilder.CreateIndex(
                name: "IX_Passes_Code",
                table: "Passes",
                column: "Code",
                unique: true);
        }
    }
}
