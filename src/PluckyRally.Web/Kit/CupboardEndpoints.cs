using System.Globalization;
using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Time;
using PluckyRally.Data;
using PluckyRally.Data.Kit;
using PluckyRally.Data.Rallies;
using PluckyRally.Data.Schools;
using PluckyRally.Data.Year;
using PluckyRally.Web.Files;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Kit;

/// <summary>The cupboard, kept over the year, and what to buy for all that is planned.</summary>
internal static class CupboardEndpoints
{
    public static void MapCupboard(this IEndpointRouteBuilder api)
    {
        var cupboard = api.MapGroup("").WithTags("Kit");
        cupboard
            .MapGet("/cupboard", async (Cupboard all, CancellationToken stop) => TypedResults.Ok(await all.All(stop)))
            .WithName("cupboard");
        cupboard.MapPut("/cupboard", Put).WithName("putInCupboard").Accepts<CupboardTyped>("application/json");
        cupboard
            .MapPut("/cupboard/about", Describe)
            .WithName("describeInCupboard")
            .Accepts<ThingDescribed>("application/json");
        cupboard.MapGet("/cupboard/file", Write).WithName("cupboardFile");
        cupboard.MapPut("/cupboard/file", Read).WithName("readCupboard").Accepts<TableSent>("application/json");
        cupboard.MapGet("/shopping", Planned).WithName("shoppingForPlanned");
        cupboard.MapGet("/shopping/file", PlannedFile).WithName("shoppingFile");
    }

    private static async Task<Results<NoContent, Refused, ChangedMeanwhile>> Put(
        SentJson sent,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<CupboardTyped>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var typed = request.Value.Value;
        var item = CupboardItem.Read(typed.Name, typed.Unit, typed.Typed);
        if (!item.IsOk)
            return new Refused(item.Problems);
        var (outcome, stands) = await cupboard.Put(typed.Was, item.Value, stop);
        return outcome == SaveOutcome.Conflict
            ? new ChangedMeanwhile("amount", (item.Value with { Amount = stands }).DifferencesTo(item.Value))
            : TypedResults.NoContent();
    }

    /// <summary>Says whether there is always enough of something, and what else it is called.</summary>
    private static async Task<Results<NoContent, Refused>> Describe(
        SentJson sent,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<ThingDescribed>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var said = request.Value.Value;
        var item = new CupboardItem(said.Name, said.Unit, 0)
        {
            AlwaysThere = said.AlwaysThere,
            OtherNames = said.OtherNames,
        };
        if (item.Problems() is { Count: > 0 } wrong)
            return new Refused(wrong);
        await cupboard.Describe(item, stop);
        return TypedResults.NoContent();
    }

    private static async Task<FileContentHttpResult> Write(Cupboard cupboard, CancellationToken stop) =>
        CsvText.File(
            "cupboard.csv",
            ["material", "unit", "amount"],
            (await cupboard.All(stop)).Select(i => (IReadOnlyList<object?>)[i.Name, i.Unit, i.Amount])
        );

    /// <summary>Takes in a table, whole or not at all; what it does not name stays as it is.</summary>
    private static async Task<Results<NoContent, Refused>> Read(
        SentJson sent,
        Cupboard cupboard,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<TableSent>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var items = CupboardList.Read(CsvText.Rows(request.Value.Value.Text));
        if (!items.IsOk)
            return new Refused(items.Problems);
        await cupboard.Put(items.Value, stop);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<Shopping>> Planned(
        RallyLog log,
        PlanBook plans,
        SchoolBook book,
        Cupboard cupboard,
        TimeProvider clock,
        CancellationToken stop,
        DateOnly? until = null
    )
    {
        var today = DateOnly.FromDateTime(clock.GetLocalNow().DateTime);
        var lines = await List(log, plans, book, cupboard, today, until, stop);
        var school = await book.Read(stop);
        return TypedResults.Ok(
            new Shopping(
                lines,
                ShoppingList.Costs(lines),
                [
                    new("Everything planned", null),
                    new("The next 2 weeks", today.AddDays(14)),
                    new("The next 4 weeks", today.AddDays(28)),
                    new("This term", SchoolYear.Of(today, school).EndOfTerm(school, today)),
                ]
            )
        );
    }

    private static async Task<FileContentHttpResult> PlannedFile(
        RallyLog log,
        PlanBook plans,
        SchoolBook book,
        Cupboard cupboard,
        TimeProvider clock,
        CancellationToken stop,
        DateOnly? until = null
    ) =>
        File(
            (
                await List(log, plans, book, cupboard, DateOnly.FromDateTime(clock.GetLocalNow().DateTime), until, stop)
            ).Where(l => l.Buying.Short > 0)
        );

    /// <summary>A shopping list as a file.</summary>
    public static FileContentHttpResult File(IEnumerable<ShoppingLine> lines) =>
        CsvText.File(
            "shopping-list.csv",
            ["material", "unit", "needed", "in the cupboard", "short", "packs", "cost", "money", "short on", "for"],
            lines.Select(l =>
                (IReadOnlyList<object?>)
                    [
                        l.Name,
                        l.Unit,
                        l.Needed,
                        l.InCupboard,
                        l.Buying.Short,
                        l.Buying.Packs,
                        l.Buying.Cost,
                        l.Money,
                        l.ShortOn?.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                        string.Join("; ", l.For.Select(f => f.Name).Distinct()),
                    ]
            )
        );

    /// <summary>
    /// Rallies that are still to come, less what they have taken from the cupboard, and briefs that are planned: for as
    /// many teams as each expects. What has no day is always among them.
    /// </summary>
    private static async Task<IReadOnlyList<ShoppingLine>> List(
        RallyLog log,
        PlanBook plans,
        SchoolBook book,
        Cupboard cupboard,
        DateOnly today,
        DateOnly? until,
        CancellationToken stop
    )
    {
        var school = await book.Read(stop);
        var served = await cupboard.Served(stop);
        var rallies = (await log.ToCome(today, stop))
            .Where(r => served.GetValueOrDefault(r.Id)?.Back is null)
            .Select(r => new PlannedKit(r.Name, r.Brief, r.Teams)
            {
                Date = r.Date,
                Taken = served.GetValueOrDefault(r.Id)?.Taken ?? [],
            });
        var briefs = (await plans.All(stop))
            .Select(p => (p.Name, Plan: p, Read: DocumentReader.Brief(p.Document)))
            .Where(p => p.Read.IsOk)
            .Select(p =>
                PlannedKit.Expected(p.Name, p.Read.Value!.Value) with
                {
                    Date = p.Plan.Plan.From(school),
                    WholeWeek = p.Plan.Plan.WholeWeek,
                }
            );
        return ShoppingList.Of(
            [.. rallies.Concat(briefs).Where(p => p.Date is null || until is null || p.Date <= until)],
            await cupboard.All(stop)
        );
    }
}

/// <summary>What is said of a thing.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit; empty for pieces.</param>
/// <param name="AlwaysThere">Whether there is always enough of it, so that it is not bought.</param>
/// <param name="OtherNames">What else it is called.</param>
public sealed record ThingDescribed(string Name, string Unit, bool AlwaysThere, IReadOnlyList<OtherName> OtherNames);

/// <summary>What to buy for all that is planned.</summary>
/// <param name="Lines">What is needed, whether it is there or not.</param>
/// <param name="Costs">What buying the rest costs, in each currency.</param>
/// <param name="Spans">How far ahead can be bought for.</param>
public sealed record Shopping(
    IReadOnlyList<ShoppingLine> Lines,
    IReadOnlyList<MoneyAmount> Costs,
    IReadOnlyList<ShoppingSpan> Spans
);

/// <summary>How far ahead is bought for.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Until">Its last day; absent for everything.</param>
public sealed record ShoppingSpan(string Name, DateOnly? Until);

/// <summary>How much there is of something, as it is typed.</summary>
/// <param name="Name">What it is.</param>
/// <param name="Unit">Its unit, empty for pieces; absent where the typed one is its unit.</param>
/// <param name="Typed">How much: 12, 2 m.</param>
/// <param name="Was">How much there was of it when it was looked at; 0 where it was not in the cupboard.</param>
public sealed record CupboardTyped(string Name, string? Unit, string Typed, decimal Was);

/// <summary>A table that was pasted, or a file's text.</summary>
public sealed record TableSent(string Text);
