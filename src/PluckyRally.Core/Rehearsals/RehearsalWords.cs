using PluckyRally.Core.Briefs;
using PluckyRally.Core.Kit;
using PluckyRally.Core.Parts;
using PluckyRally.Core.Readings;
using PluckyRally.Core.Results;
using PluckyRally.Core.Time;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Rehearsals;

/// <summary>What a rehearsal says: no word of statistics.</summary>
internal static class RehearsalWords
{
    public const string OfBrief = "what the brief expects";
    public const string OfBuild = "your trial build, from half as much to half as much again";
    public const string OfBriefAndBuild = "what the brief expects, with your trial build as the usual one";
    public const string OfPattern = "what the pattern expects";
    public const string OfPlan = "as planned, from a fifth less to half as long again";
    public const string OfClock = "as it took before, from a fifth less to half as long again";
    public const string Guess = "a guess: the brief does not say what to expect";
    public const string AnAttemptFails = "An attempt fails";

    public const string SharedPlaces = "Shared places, in 100 classes";
    public const string PlaceOfBest = "Place of the best team, in 100 classes";
    public const string SetsApart = "Share of the difference between teams, in percent";
    public const string Differs = "Where it gives teams different points, in 100 classes";
    public const string PutOut = "Teams kept from placing, in 100 teams";
    public const string GetsIt = "Teams that earn it, in 100 teams";
    public const string OtherWinner = "Another winner, in 100 classes";
    public const string ReadAgain = "Measured again";
    public const string WhenItEnds = "When the last lesson ends, in 100 classes";
    public const string WellBefore = "5 minutes or more to spare";
    public const string InTime = "on time";
    public const string ALittleOver = "up to 5 minutes late";
    public const string FarOver = "more than 5 minutes late";
    public const string MoreThanThere = "more than there is";
    public const string Later = "later";
    public const string NoPlace = "no place";

    public static string Misses(Rule rule) => $"Missed: {rule.Text}";

    public static string MinutesOfOne(Phase phase) => $"{Minutes.Name(phase.Kind)}: one attempt";

    public static string OfRallies(int count, IReadOnlyList<string> rallies) =>
        $"{Numerals.Write(count)} times in "
        + English.List([
            .. rallies.Take(2).Select(r => $"“{r}”"),
            .. rallies.Count > 2 ? [$"{Numerals.Write(rallies.Count - 2)} more"] : Array.Empty<string>(),
        ]);

    public static string Place(int place) => English.Ordinal(place);

    public static string Ties(decimal first, decimal any) =>
        any == 0 ? "No place is ever shared."
        : first == 0 ? $"The first place is never shared; another place is, in {InAHundred(any)} classes."
        : $"The first place is shared in {InAHundred(first)} classes, and some place in {InAHundred(any)}.";

    public static string Luck(decimal wins, decimal another, decimal even) =>
        $"The best team wins in {InAHundred(wins)} classes; by luck alone it would win in {InAHundred(even)}. "
        + $"When the same teams play again, another team wins in {InAHundred(another)} classes.";

    public static string Deciding(IReadOnlyList<PartDecides> parts, bool one) =>
        one
            ? $"“{parts[0].Name}” decides nearly everything: {Numerals.Write(Math.Round(parts[0].Share))}"
                + $"% of the difference between teams. {HandInHand(parts)}"
            : "The difference between teams comes from "
                + English.List([
                    .. parts
                        .Where(p => p.Share >= 0.5m)
                        .Select(p => $"“{p.Name}” ({Numerals.Write(Math.Round(p.Share))}%)"),
                ])
                + $". {HandInHand(parts)}";

    /// <summary>How the parts go with the place, as one says it of a class.</summary>
    private static string HandInHand(IReadOnlyList<PartDecides> parts) =>
        string.Join(
            " ",
            parts
                .GroupBy(p =>
                    -p.Rank switch
                    {
                        >= 0.8m => "nearly always finish",
                        >= 0.5m => "usually finish",
                        >= 0.2m => "sometimes finish",
                        _ => "hardly ever finish",
                    }
                )
                .Select(g => $"Teams that are good at {English.List([.. g.Select(p => $"“{p.Name}”")])} {g.Key} high.")
        );

    public static string Never(PartDecides part) =>
        $"“{part.Name}” {(part.Differs == 0 ? "never gives" : "hardly ever gives")} two teams different points.";

    public static string Below(PartPlan plan, decimal edge) => $"below {plan.ShowStated(edge)}";

    public static string Band(PartPlan plan, decimal from, decimal? next) =>
        plan.ShowsWords ? plan.ShowStated(from)
        : next is { } edge ? $"from {plan.ShowStated(from)} to below {plan.ShowStated(edge)}"
        : $"from {plan.ShowStated(from)}";

    public static string InBands(string part) => $"Results in “{part}”, in 100 teams";

    public static string NeverEarned(string part, IReadOnlyList<string> bands) =>
        $"The points of “{part}” {English.List(bands)} are never earned.";

    public static string AllEarned(string part) => $"Each band of “{part}” is earned by somebody.";

    public static string PutsOutMany(Rule rule, decimal gone) =>
        $"“{rule.Text}” keeps {InAHundred(gone)} teams from placing.";

    public static string PutsOutNobody(Rule rule) => $"“{rule.Text}” keeps nobody from placing.";

    public static string MissAMustHave(decimal share) => $"{InAHundred(share)} teams miss a must-have";

    public static string PutOutSome(decimal gone) =>
        $"{SentenceCase.Beginning(InAHundred(gone))} teams miss a must-have and do not place.";

    public static string BonusForNobody(Rule rule, bool nobody) =>
        nobody
            ? $"Hardly a team gets the points for “{rule.Text}”."
            : $"Nearly every team gets the points for “{rule.Text}”, so it makes no difference.";

    public static string Reread(decimal share) =>
        share == 0
            ? "If everything is measured again, the same team wins."
            : "If everything is measured again, another team wins in " + $"{InAHundred(share)} classes.";

    public static string Queue(decimal share, decimal middle, decimal worst) =>
        share == 0 ? $"It ends on time in all classes, in 1 of 20 with less than {InMinutes(-worst)} to spare."
        : share < 5 ? $"It ends on time in nearly all classes; it runs over in {InAHundred(share)}."
        : $"It runs over in {InClasses(share)}, usually by {InMinutes(middle)}, and in 1 of 20 by "
            + $"{InMinutes(worst)} or more.";

    public static string NeedUpTo(decimal part) =>
        part == 0.5m ? "up to half of it"
        : part == 0.75m ? "up to three quarters"
        : "up to nearly all";

    public static string Needs(string name) => $"{SentenceCase.Beginning(name)} needed, in 100 classes";

    public static string Supply(string name, string there, decimal share) =>
        share == 0
            ? $"{SentenceCase.Beginning(name)} last: {there} are enough in all classes."
            : $"{SentenceCase.Beginning(name)} run out in {InAHundred(share)} classes: there are {there}.";

    /// <summary>What a change comes to, before and after.</summary>
    public static string BeforeAndAfter(RehearsalFinding before, RehearsalFinding? after, decimal minutes)
    {
        var comes = after is null
            ? "This would be settled."
            : $"{SentenceCase.Beginning(before.Comes(after.InAHundred))} instead of {InNumbers(before.InAHundred)}.";
        return minutes == 0 ? comes : $"{comes} {InMinutes(Math.Abs(minutes))} {(minutes > 0 ? "more" : "less")}.";
    }

    public static string FirstIsShared(decimal share) => $"the first place is shared in {InAHundred(share)} classes";

    /// <summary>Whether a change has the best team win more often.</summary>
    public static string BestWinsThen(decimal before, decimal after) =>
        Math.Abs(after - before) < SameAs
            ? "The best team wins about as often."
            : $"The best team wins {(after > before ? "more" : "less")} often: in {InAHundred(after)} classes, "
                + $"{Numerals.Write(Math.Round(before))} before.";

    /// <summary>Two percentages that differ by less are about the same (common practice, no source).</summary>
    private const decimal SameAs = 2;

    public static string RestsOnGuesses(IReadOnlyList<string> names)
    {
        var told = names.Count <= Named + 1 ? names : [.. names.Take(Named), $"{names.Count - Named} others"];
        return $"This rests on {(names.Count == 1 ? "a guess" : "guesses")}: nobody has said what teams will reach in "
            + $"{English.List(told)}. Enter {(names.Count == 1 ? "the three numbers" : "three numbers for each")} "
            + "below, then rehearse again.";
    }

    /// <summary>So many are named; a longer list is not read.</summary>
    private const int Named = 3;

    public static string BestWinsIn(decimal share) => $"the best team wins in {InAHundred(share)} classes";

    public static string PartDecides(decimal share) =>
        $"the part that decides most makes {InNumbers(share)}% of the difference between teams";

    public static string SetsSomeApart(string part, decimal share) =>
        $"“{part}” makes a difference between teams in {InAHundred(share)} classes";

    public static string BandsUnearned(string part, decimal share) =>
        $"{InAHundred(share)} bands of “{part}” are never earned";

    public static string PutsOut(Rule rule, decimal share) =>
        $"“{rule.Text}” keeps {InAHundred(share)} teams from placing";

    public static string AnotherWinsOnReading(decimal share) =>
        $"another team wins when it is measured again in {InAHundred(share)} classes";

    public static string RunsOver(decimal share) => $"it runs over in {InAHundred(share)} classes";

    public static string RunsOut(string name, decimal share) => $"{name} run out in {InAHundred(share)} classes";

    public static string Attempts(int attempts) => attempts == 1 ? "Make one attempt" : $"Make {attempts} attempts";

    public static string AndAllCount(int attempts) => $"{Attempts(attempts)}, and count all of them";

    public static string Combined(Part part, Combine how) =>
        how switch
        {
            Combine.Best => $"Count the best of “{part.Name}”",
            Combine.Worst => $"Count the weakest of “{part.Name}”",
            Combine.Mean => $"Count the mean of “{part.Name}”",
            Combine.Median => $"Count the median of “{part.Name}”",
            Combine.Sum => $"Add up “{part.Name}”",
            Combine.First => $"Count the first of “{part.Name}”",
            Combine.Last => $"Count the last of “{part.Name}”",
            Combine.BestMean => $"Count the best few of “{part.Name}”",
            Combine.Successes => $"Count how often “{part.Name}” succeeds",
            Combine.Range => $"Count the range of “{part.Name}”",
        };

    public const string Time = "Time";
    public const string Quicker = "quicker";
    public const string TimeIt = "Time it, and let the quicker team be ahead";
    public const string TenthsOfPoints = "Show tenths of points";
    public const string OnlyNoted = "Only note it";
    public const string NoPointsForIt = "Give no points for it";

    public static string TieBreak(Measure measure) => $"Let {TieBreakName(measure)} decide between equals";

    public static string TieBreakName(Measure measure) =>
        $"{(measure.Better == Better.Less ? "less" : "more")} {measure.InSentence}";

    public static string ReadTo(Measure measure, decimal step) =>
        $"Read “{measure.Name}” to {Numerals.Write(step)}{(measure.Unit.Length > 0 ? $" {measure.Unit}" : "")}";

    public static string WeighMore(IReadOnlyList<Part> parts, decimal times) =>
        $"Count {English.List([.. parts.Select(p => $"“{p.Name}”")])} "
        + $"{(times == 2 ? "twice" : $"{Numerals.Write(times)} times")}";

    public static string WeighHalf(string part) => $"Count “{part}” half as much";

    public static string LeaveOut(Part part) => $"Leave out “{part.Name}”";

    public static string ALine(Part part) => $"Give “{part.Name}” points along a line";

    public static string StartBands(IReadOnlyList<string> edges) => $"Start the bands at {English.List(edges)}";

    public static string Costs(decimal points) => $"Let it cost {MethodWords.Points(points)}";

    public static string FreshBuilds(int builds) => $"Allow {English.Count(builds, "fresh build")}";

    public static string HaveMore(Material material, decimal amount) =>
        $"Have {Material.So(amount, material.Unit, material.Name)}";

    public static string Team(string number) => $"Team {number}";

    public static string WinnersDiffer(decimal share) =>
        share == 0 ? "The same team wins in all classes." : $"Another team wins in {InAHundred(share)} classes.";

    public static string PlacesDiffer(decimal moved, int teams) =>
        moved == 0 ? "No place changes." : $"Of {teams} teams, {Numerals.Write(moved)} have another place.";

    public static string Rise(IReadOnlyList<string> things) =>
        $"Teams go up that are good at {English.List([.. things.Select(t => $"“{t}”")])}.";

    public static string Fall(IReadOnlyList<string> things) =>
        $"Teams go down that are good at {English.List([.. things.Select(t => $"“{t}”")])}.";

    public static string Range(string low, string high) => low == high ? low : $"{low} to {high}";

    public static string TimesOfAHundred(decimal share) => $"{Numerals.Write(share)} in 100";

    public static string TimesOf(decimal times, int all) => $"{Numerals.Write(times)} of {Numerals.Write(all)}";

    public static string OutsideOf(int outside, int all, string middle, bool guessed) =>
        guessed ? $"Nobody said what to expect; the median is {middle}."
        : outside == 0 ? $"As expected; the median is {middle}."
        : outside == all ? $"All lie outside; the median is {middle}."
        : $"{outside} of {all} {(outside == 1 ? "lies" : "lie")} outside; the median is {middle}.";

    public static string CameOtherwise(
        Measure measure,
        int count,
        string low,
        string high,
        string expectedLow,
        string expectedHigh
    ) =>
        $"{SentenceCase.Beginning(measure.Name)}: {English.Count(count, "reading")} came to {Range(low, high)}, "
        + $"expected {Range(expectedLow, expectedHigh)}.";

    public static string Expect(string low, string high) => $"Expect {Range(low, high)}";

    private static string InClasses(decimal share) => share == 100 ? "every class" : $"{InAHundred(share)} classes";

    private static string InNumbers(decimal share) =>
        share > 0 && share < 1 ? "fewer than 1" : Numerals.Write(Math.Round(share, MidpointRounding.AwayFromZero));

    private static string InMinutes(decimal minutes) => English.Count(Math.Max(1, Math.Round(minutes)), "minute");

    public static string InAHundred(decimal share) => $"{InNumbers(share)} in 100";
}
