using PluckyRally.Data.Removals;

namespace PluckyRally.Data.Copies;

/// <summary>What would become of something if a copy were restored.</summary>
public enum CopyFate
{
    /// <summary>It is in the copy and not here any more.</summary>
    ComesBack,

    /// <summary>It is here and not in the copy yet.</summary>
    Goes,

    /// <summary>It is in both, and was changed since.</summary>
    Changes,
}

/// <summary>What would change if a copy were restored, thing by thing.</summary>
/// <param name="Things">The rallies, briefs and classes that would not be as they are.</param>
/// <param name="PhotosNow">How many photos there are.</param>
/// <param name="PhotosThen">How many there are in the copy.</param>
/// <param name="CupboardChanges">Whether the cupboard's list is another one in the copy.</param>
public sealed record CopyPreview(IReadOnlyList<CopyChange> Things, int PhotosNow, int PhotosThen, bool CupboardChanges);

/// <summary>A thing that would not be as it is.</summary>
/// <param name="Sort">A rally, a brief or a class.</param>
/// <param name="Name">What it is called.</param>
/// <param name="Brief">The brief's title, of a rally; empty for others.</param>
/// <param name="Date">The day, of a rally that has one.</param>
/// <param name="Fate">What would become of it.</param>
/// <param name="Now">A rally's entries, a class's students: how many there are now; zero for a brief.</param>
/// <param name="Then">How many there are in the copy.</param>
public sealed record CopyChange(
    RemovedSort Sort,
    string Name,
    string Brief,
    DateOnly? Date,
    CopyFate Fate,
    int Now,
    int Then
);
