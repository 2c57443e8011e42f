using Microsoft.AspNetCore.Http.HttpResults;
using PluckyRally.Core.Briefs;
using PluckyRally.Core.Documents;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Problems;
using PluckyRally.Core.Readings;
using PluckyRally.Data.Briefs;
using PluckyRally.Web.Problems;

namespace PluckyRally.Web.Briefs;

/// <summary>
/// Station Brief: a challenge in plain words. Reading keeps nothing; a brief is begun with what the teacher takes of
/// it.
/// </summary>
internal static class SaidEndpoints
{
    public static void MapSaid(this IEndpointRouteBuilder api)
    {
        api.MapPost("/drafts/read", Read).WithName("readText").WithTags("Brief").Accepts<SaidText>("application/json");
        api.MapPost("/drafts/materials", Materials)
            .WithName("readMaterials")
            .WithTags("Brief")
            .Accepts<PastedList>("application/json")
            .TakesAtMost(Limits.BriefBytes);
        api.MapPost("/briefs/read", Begin)
            .WithName("beginFromText")
            .WithTags("Brief")
            .Accepts<SaidBrief>("application/json");
    }

    private static Results<Ok<ReadText>, Refused> Read(SentJson sent)
    {
        var request = DocumentReader.Request<SaidText>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var said = request.Value.Value;
        return BriefReader.TooLong(said.Text) is { } problem
            ? new Refused([problem])
            : TypedResults.Ok(ReadText.Of(BriefReader.Read(said.Text, Empty(said.Grades), said.Units)));
    }

    private static Results<Ok<IReadOnlyList<Material>>, Refused> Materials(SentJson sent)
    {
        var request = DocumentReader.Request<PastedList>(sent.Text);
        return request.IsOk
            ? TypedResults.Ok(PastedMaterials.Of(request.Value.Value.Brief, request.Value.Value.Lines))
            : new Refused(request.Problems);
    }

    private static async Task<Results<Created<BriefOnShelf>, Refused>> Begin(
        SentJson sent,
        BriefShelf shelf,
        CancellationToken stop
    )
    {
        var request = DocumentReader.Request<SaidBrief>(sent.Text);
        if (!request.IsOk)
            return new Refused(request.Problems);
        var said = request.Value.Value;
        if (BriefReader.TooLong(said.Text) is { } problem)
            return new Refused([problem]);
        var brief = Empty(said.Grades);
        var read = BriefReader.Read(said.Text, brief, said.Units);
        var taken = new Taken(said.LeftOut, said.Answers.ToDictionary(a => a.Question, a => a.Reading));
        return await BriefEndpoints.Shelve(Changes.Apply(brief, read.Changes(said.Text, brief, taken)), shelf, stop);
    }

    private static Brief Empty(GradeBand grades) => new() { Pattern = Pattern.Blank, Grades = grades };
}

/// <summary>A challenge in plain words.</summary>
/// <param name="Text">The words.</param>
/// <param name="Grades">The grades that it is for, where it does not say.</param>
/// <param name="Units">The units, where it names none.</param>
public sealed record SaidText(string Text, GradeBand Grades, UnitSystem Units);

/// <summary>A list that was pasted into a brief, line by line.</summary>
public sealed record PastedList(Brief Brief, IReadOnlyList<string> Lines);

/// <summary>A challenge in plain words, and what of it is taken.</summary>
/// <param name="Text">The words.</param>
/// <param name="Grades">The grades that it is for, where it does not say.</param>
/// <param name="Units">The units, where it names none.</param>
/// <param name="LeftOut">The proposals that are left out, by number.</param>
/// <param name="Answers">The questions that are answered.</param>
public sealed record SaidBrief(
    string Text,
    GradeBand Grades,
    UnitSystem Units,
    IReadOnlyList<int> LeftOut,
    IReadOnlyList<SaidAnswer> Answers
);

/// <summary>The reading that was chosen for a question, both by number.</summary>
public sealed record SaidAnswer(int Question, int Reading);

/// <summary>What was understood of a challenge in plain words.</summary>
/// <param name="Proposals">What is clear.</param>
/// <param name="Questions">What could be two things or more.</param>
/// <param name="Unread">What stays as text.</param>
public sealed record ReadText(
    IReadOnlyList<ReadText.Line> Proposals,
    IReadOnlyList<ReadText.Question> Questions,
    IReadOnlyList<TextRange> Unread
)
{
    internal static ReadText Of(PlainRead read) =>
        new(
            [.. read.Proposals.Select(p => new Line(p.From, p.Says, p.At))],
            [.. read.Questions.Select(q => new Question(q.From, q.Asks, [.. q.Readings.Select(r => r.Says)]))],
            read.Unread
        );

    /// <summary>A proposal: the words that it comes from, what it is, and where it stands in a brief.</summary>
    public sealed record Line(TextRange From, string Says, string At);

    /// <summary>A question and what can be chosen.</summary>
    public sealed record Question(TextRange From, string Asks, IReadOnlyList<string> Readings);
}
