namespace PluckyRally.Core.Ids;

/// <summary>What ids are written as, for whatever describes or checks documents.</summary>
public static class IdValue
{
    /// <summary>The type that ids of this type are written as; null where it is no type of ids.</summary>
    public static Type? Of(Type type) =>
        (Nullable.GetUnderlyingType(type) ?? type)
            .GetInterfaces()
            .FirstOrDefault(i => i.IsGenericType && i.GetGenericTypeDefinition() == typeof(IId<,>))
            ?.GetGenericArguments()[1];
}
