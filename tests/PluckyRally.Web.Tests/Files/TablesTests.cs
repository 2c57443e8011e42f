using System.IO.Compression;
using System.Net;
using CsvHelper;
using CsvHelper.Configuration;
using ExcelDataReader;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Ids;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Score;

namespace PluckyRally.Web.Tests.Files;

/// <summary>Results, figures and readings leave in open formats, and other libraries read them back.</summary>
public sealed class TablesTests : IDisposable
{
    private readonly RunningApp _app = AppPool.Lend();

    [Fact]
    public async Task A_spreadsheet_has_a_sheet_for_each_table_with_numbers_as_numbers()
    {
        // The reader asks for it, for files of long ago.
        System.Text.Encoding.RegisterProvider(System.Text.CodePagesEncodingProvider.Instance);
        var rally = await Rally();
        using var file = new MemoryStream(
            await _app.Client.GetByteArrayAsync(
                $"/api/rallies/{rally}/tables.xlsx",
                TestContext.Current.CancellationToken
            )
        );
        using var book = ExcelReaderFactory.CreateOpenXmlReader(file);
        var sheets = new Dictionary<string, List<object?[]>>();
        do
        {
            var rows = new List<object?[]>();
            while (book.Read())
                rows.Add([.. Enumerable.Range(0, book.FieldCount).Select(book.GetValue)]);
            sheets[book.Name] = rows;
        } while (book.NextResult());
        sheets.Keys.ShouldBe(["results", "figures", "readings"]);
        sheets["results"]
            [0]
            .ShouldBe(["round", "team", "place", "status", "total", "why not", "Water", "Water, points"]);
        sheets["results"]
            [1]
            .Take(5)
            .ShouldBe([1.0, "=Able+1", 1.0, "placed", 21.0], "a name that looks like a formula stays a name");
        sheets["readings"][1][6].ShouldBe("210 mL");
        sheets["readings"][1][7].ShouldBe(210.0);
        sheets["readings"][1][11].ShouldBeOfType<DateTime>();
    }

    [Fact]
    public async Task A_number_below_zero_is_one_to_every_spreadsheet()
    {
        var brief = Sample.Brief();
        var cold = brief.Measures[0] with { Kind = MeasureKind.Temperature, Unit = "°C", Step = 0.5m };
        var rally = await _app.Begin(brief with { Measures = [cold] }, "Able");
        (await _app.Post<Entry>($"/api/rallies/{rally}/entries", Sample.Caught("-4.5"))).EnsureSuccessStatusCode();
        var text = await _app.Client.GetStringAsync(
            $"/api/rallies/{rally}/tables/readings.csv",
            TestContext.Current.CancellationToken
        );
        text.ShouldContain(",-4.5,");
        text.ShouldNotContain("\u2212");
    }

    /// <summary>Some spreadsheets read wide signs (Unicode FF01 to FF5E) as the plain ones.</summary>
    [Fact]
    public async Task A_wide_sign_is_marked_as_the_plain_one_is()
    {
        var rally = await _app.Begin(Sample.Brief(), "\uFF1D1+1", "\uFF0B2");
        var text = await _app.Client.GetStringAsync(
            $"/api/rallies/{rally}/tables/figures.csv",
            TestContext.Current.CancellationToken
        );
        text.ShouldContain("'\uFF1D1+1");
        text.ShouldContain("'\uFF0B2");
    }

    [Fact]
    public async Task Each_table_leaves_as_csv_too()
    {
        var rally = await Rally();
        var text = (
            await _app.Client.GetStringAsync(
                $"/api/rallies/{rally}/tables/figures.csv",
                TestContext.Current.CancellationToken
            )
        ).TrimStart('\uFEFF');
        using var csv = new CsvReader(
            new StringReader(text),
            new CsvConfiguration(System.Globalization.CultureInfo.InvariantCulture)
        );
        csv.Read();
        csv.ReadHeader();
        csv.HeaderRecord!.ShouldContain("Caught (mL)");
        csv.Read();
        csv.GetField<decimal>("Caught (mL)").ShouldBe(210);
        csv.GetField("team").ShouldBe("'=Able+1", "what a spreadsheet would run is marked (OWASP, CSV injection)");
        (
            await _app.Client.GetAsync(
                $"/api/rallies/{rally}/tables/students.csv",
                TestContext.Current.CancellationToken
            )
        ).StatusCode.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Everything_of_a_rally_is_one_file_with_its_photos()
    {
        var rally = await Rally();
        using var photo = await _app.Client.PostAsync(
            $"/api/rallies/{rally}/photos?photo={Guid.CreateVersion7()}&team=t1",
            new ByteArrayContent(Jpegs.Plain(40, 30)) { Headers = { ContentType = new("image/jpeg") } },
            TestContext.Current.CancellationToken
        );
        photo.EnsureSuccessStatusCode();
        using var zip = new ZipArchive(
            new MemoryStream(
                await _app.Client.GetByteArrayAsync(
                    $"/api/rallies/{rally}/everything.zip",
                    TestContext.Current.CancellationToken
                )
            )
        );
        zip.Entries.Select(e => e.FullName)
            .ShouldBe([
                "rally.json",
                "results.csv",
                "figures.csv",
                "readings.csv",
                "tables.xlsx",
                "photos/001 -Able-1, round 1.jpg",
            ]);
        using var kept = new StreamReader(zip.GetEntry("rally.json")!.Open());
        OpenedRally
            .Open(
                DocumentReader.Rally(await kept.ReadToEndAsync(TestContext.Current.CancellationToken)).OrThrow().Value
            )
            .OrThrow()
            .Rally.Teams.Count.ShouldBe(2);
    }

    public void Dispose() => AppPool.Return(_app);

    private async Task<RallyId> Rally()
    {
        var rally = await _app.Begin(Sample.Brief(), "=Able+1", "Baker");
        foreach (var entry in new Entry[] { Sample.Caught("210 mL"), Sample.Caught("180"), Sample.Stands(true) })
            (await _app.Post($"/api/rallies/{rally}/entries", entry)).EnsureSuccessStatusCode();
        return rally;
    }
}
