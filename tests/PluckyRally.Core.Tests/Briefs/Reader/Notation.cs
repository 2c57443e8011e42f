using PluckyRally.Core.Checks;
using PluckyRally.Core.Curves;
using PluckyRally.Core.Words;

namespace PluckyRally.Core.Tests.Briefs;

/// <summary>
/// Pieces in the short notation of tests/reader: what they are and their values, without their words.
/// </summary>
internal static class Notation
{
    public static string Of(Piece piece) =>
        piece switch
        {
            Piece.ForGrades g => $"tier {Word(g.Band)} {Of(g.Inner)}",
            Piece.Limit l => $"limit {l.Measure.Id} {Compared(l)}"
                + (l.Deducts is { } points ? $" deduct {Numerals.Write(points)}" : ""),
            Piece.Look { Bonus: > 0 } l => $"look bonus {Numerals.Write(l.Bonus)}",
            Piece.Look { Deducts: > 0 } l => $"look deduct {Numerals.Write(l.Deducts)}",
            Piece.Look { InAttempt: true } l => $"look {Word(l.Sort)} in attempt",
            Piece.Look l => $"look {Word(l.Sort)}",
            Piece.Hold h => $"hold {Numerals.Write(h.Seconds)}",
            Piece.Stuff s => $"material {(s.Amount is { } amount ? Numerals.Write(amount) : "-")} "
                + $"{(s.Unit.Length > 0 ? s.Unit : "-")} {s.Name} {Word(s.Per)}{(s.Back ? " back" : "")}"
                + (s.Spares > 0 ? $" spares {Numerals.Write(s.Spares)}" : "")
                + (s.Pack is { } pack ? $" pack {Numerals.Write(pack)}" : "")
                + (s.Price is { } price ? $" price {Numerals.Write(price)}" : ""),
            Piece.Budget b => $"money {b.Money} {Numerals.Write(b.Funds)}",
            Piece.Attempts a => $"attempts {a.Number}",
            Piece.Combined c => $"combine {Word(c.How)}",
            Piece.OfPhase p => $"phase {Word(p.Kind)} {Numerals.Write(p.Minutes)}",
            Piece.Warning w => $"warn {Numerals.Write(w.Before)}",
            Piece.OfLesson l => $"lesson {Numerals.Write(l.Minutes)}",
            Piece.Lessons l => $"lessons {l.Number}",
            Piece.Teams t => $"teams {t.Number}",
            Piece.TeamSize t => $"teamSize {t.Students}",
            Piece.Points p => $"points {p.Measure.Id} rate {Numerals.Write(p.Each)}",
            Piece.Wins w => $"wins {Word(w.Direction)}",
            Piece.Tie t => $"tie {t.Measure.Id} {Word(t.Better)}",
            Piece.Sheet s => s.Place switch
            {
                "/trials/ifItFalls" => "falls",
                "/trials/overWhen" => "over",
                _ => s.Place[(s.Place.LastIndexOf('/') + 1)..],
            },
            Piece.Curved { Curve: Curve.ShareOfBest c } p => $"points {p.Measure.Id} share {Numerals.Write(c.Points)}",
            Piece.Curved { Curve: Curve.Between c } p => $"points {p.Measure.Id} from {Numerals.Write(c.From)} to "
                + $"{Numerals.Write(c.To)} {Numerals.Write(c.Points)}",
            Piece.Word w => $"word {w.Term}",
            Piece.Same => "same",
            Piece.Caution c => $"caution {Word(c.Kind)}",
            Piece.Grades g => $"grades {Word(g.Band)}",
            Piece.Asked => "ask",
            _ => "text",
        };

    private static string Compared(Piece.Limit limit) =>
        limit.Comparison == Comparison.Between ? $"between {limit.Amount} {limit.Upper}" : limit.SayRange();

    private static string Word<T>(T value)
        where T : struct, Enum
    {
        var name = value.ToString();
        return char.ToLowerInvariant(name[0]) + name[1..];
    }
}
