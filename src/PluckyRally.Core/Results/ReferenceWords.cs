namespace PluckyRally.Core;

/// <summary>Says how a value stands to the control and the benchmark.</summary>
internal static class ReferenceWords
{
    /// <summary>So many times the control or the benchmark: the team's own where it has one, else the class's; empty where there is none.</summary>
    public static string Say(IReadOnlyList<Reference> references, Purpose purpose, string part, string team, decimal value)
    {
        var lines = references.Where(r => r.Part == part && r.Purpose == purpose && r.Value != 0).ToList();
        var line = lines.FirstOrDefault(r => r.Team == team) ?? lines.FirstOrDefault(r => r.Team.Length == 0);
        return line is null ? "" : $"{Numerals.Write(Rounding.ToDecimals(value / line.Value, 1))} times the {Json.Word(purpose)}";
    }
}
