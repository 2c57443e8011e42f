using System.Text.Json;
using PluckyRally.Core.Files;

namespace PluckyRally.Core.Briefs;

/// <summary>What a stretch of a text says about a brief. Each case stands in a file of its own subject.</summary>
/// <param name="From">The stretch of the text.</param>
internal abstract partial record Piece(TextRange From)
{
    /// <summary>What it is, in a few words, for the teacher who decides.</summary>
    public abstract string Says();

    /// <summary>
    /// What it changes, in order. The ids of what is added are free in the draft, which takes note of them.
    /// </summary>
    public abstract IReadOnlyList<Change> Changes(PieceDraft draft);

    /// <summary>Whether there is anything that it applies to; what has none stays as text.</summary>
    public virtual bool HasPlace(PieceDraft draft) => true;

    /// <summary>Where in a brief it stands, and as what: the last of its changes, which those before prepare.</summary>
    public virtual (string At, JsonElement Value) Stands(IReadOnlyList<Change> changes) =>
        changes is [.., var last]
            ? (last.Kind == ChangeKind.Append ? $"{last.At}/-" : last.At, last.Value)
            : ("", default(JsonElement));

    private protected static (string, JsonElement) Stand<T>(string at, T value) =>
        (at, JsonSerializer.SerializeToElement(value, Json.Options));
}

/// <summary>The brief that pieces are proposed for, with what those before them would add.</summary>
/// <param name="Brief">The brief as it stands.</param>
/// <param name="All">All pieces that were read.</param>
internal sealed record PieceDraft(Brief Brief, IReadOnlyList<Piece> All)
{
    private readonly Dictionary<Piece, string> _ids = new(ReferenceEqualityComparer.Instance);

    private readonly HashSet<string> _taken =
    [
        .. Brief.Rules.Select(r => r.Id),
        .. Brief.Materials.Select(m => m.Id),
        .. Brief.Timing.Phases.Select(p => p.Id),
        .. Brief.Conditions.Select(c => c.Id),
        .. Brief.Method.Parts.Select(p => p.Id),
        .. Brief.Figures.Select(f => f.Id),
    ];

    /// <summary>An id that nothing has, and now has this.</summary>
    public string Id(string stem)
    {
        var id = FreeId.Of(stem, _taken.Concat(Brief.Measures.Select(m => m.Id)));
        _taken.Add(id);
        return id;
    }

    /// <summary>
    /// The id of what a piece adds: the same whether the piece itself or one that is about it asks first.
    /// </summary>
    public string IdOf(Piece piece, string stem) => _ids.TryGetValue(piece, out var id) ? id : _ids[piece] = Id(stem);

    /// <summary>Adds the measure, where the brief does not have it yet.</summary>
    public IEnumerable<Change> With(SaidMeasure measure) =>
        Brief.Measures.Any(m => m.Id == measure.Id && m.Kind == measure.Kind)
            ? []
            : [Change.Append("/measures", measure.In(Brief))];

    /// <summary>Adds a rule.</summary>
    public static Change With(Rule rule) => Change.Append("/rules", rule);
}
