<?php

declare(strict_types=1);

namespace JackRest\Core\Season;

/** A reference's forecast, with its name and the sides it may lie out to. */
final readonly class ReferenceForecast
{
    /** @param  array{string, string}  $sides */
    public function __construct(public string $name, public array $sides, public SeasonForecast $forecast)
    {
    }

    /**
     * The likeliest claim first.
     *
     * @param  list<self>  $all
     * @return list<self>
     */
    public static function claims(array $all): array
    {
        $claims = array_values(array_filter($all, static fn (self $one): bool => $one->forecast->isClaim()));
        usort(
            $claims,
            static fn (self $one, self $other): int => $other->forecast->predicted?->chance() <=>
                $one->forecast->predicted?->chance(),
        );

        return $claims;
    }
}
