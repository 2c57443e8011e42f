using Microsoft.EntityFrameworkCore.Storage.ValueConversion;
using PluckyRally.Core.Ids;

namespace PluckyRally.Data;

/// <summary>A column of ids, kept as their values.</summary>
internal sealed class IdColumn<TId, TValue>() : ValueConverter<TId, TValue>(id => id.Value, value => Read(value))
    where TId : struct, IId<TId, TValue>
{
    private static TId Read(TValue value) => TId.Of(value);
}
