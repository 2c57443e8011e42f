using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace PluckyRally.Data.Migrations
{
    /// <inheritdoc />
    public partial class PhotosOfARally : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Photos_StoredTeam_RallyId_TeamId",
                table: "Photos");

            migrationBuilder.DropIndex(
                name: "IX_Photos_RallyId_TeamId",
                table: "Photos");

            migrationBuilder.CreateIndex(
                name: "IX_Photos_RallyId",
                table: "Photos",
                column: "RallyId");

            migrationBuilder.AddForeignKey(
                name: "FK_Photos_Rallies_RallyId",
                table: "Photos",
                column: "RallyId",
                principalTable: "Rallies",
                principalColumn: "Id",
                onDelete: ReferentialAction.Cascade);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Photos_Rallies_RallyId",
                table: "Photos");

            migrationBuilder.DropIndex(
                name: "IX_Photos_RallyId",
                table: "Photos");

            migrationBuilder.CreateIndex(
                name: "IX_Photos_RallyId_TeamId",
                table: "Photos",
                columns: new[] { "RallyId", "TeamId" });

            migrationBuilder.AddForeignKey(
                name: "FK_Photos_StoredTeam_RallyId_TeamId",
                table: "Photos",
                columns: new[] { "RallyId", "TeamId" },
                principalTable: "StoredTeam",
                principalColumns: new[] { "RallyId", "Id" },
                onDelete: ReferentialAction.Cascade);
        }
    }
}
