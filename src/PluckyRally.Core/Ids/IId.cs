namespace PluckyRally.Core.Ids;

/// <summary>
/// The id of one sort of thing, so that the id of another cannot stand in its place. In documents, in the data file and
/// in addresses it is written as its value is.
/// </summary>
/// <typeparam name="TSelf">The id.</typeparam>
/// <typeparam name="TValue">What it is written as.</typeparam>
public interface IId<TSelf, TValue>
    where TSelf : struct, IId<TSelf, TValue>
{
    /// <summary>The id as it is written.</summary>
    TValue Value { get; }

    /// <summary>The id that is written so.</summary>
    static abstract TSelf Of(TValue value);
}
