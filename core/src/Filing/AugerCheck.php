<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Calculates;
use JackRest\Core\Calculation\Rounding;

/**
 * Whether an auger bit still bores: spurs against twist, and how much of them is left.
 *
 * Spurs narrower than the twist (they were filed on the outside) bore a hole in which the bit jams: nothing widens
 * them again. The spurs must cut deeper than a turn goes in (feed = hole depth ÷ turns, the pitch of the lead screw),
 * else the cutters lift the fibres before they are severed. Filings left = ⌊(spur height − feed) ÷ what a filing
 * takes⌋. Common practice, no source; 1.5 mm a turn and 0.1 mm a filing from memory.
 */
#[Calculates('auger-check', 'Whether an auger bit still bores')]
final class AugerCheck
{
    public function __invoke(AugerCheckInput $bit): AugerCheckResult
    {
        $feed = $bit->feed();
        $reach = $bit->spurHeightMm === null ? null : $bit->spurHeightMm - $feed;
        $left = $reach === null ? null : max(0, Rounding::down($reach / $bit->perFilingMm));
        [$verdict, $reason] = self::verdict($bit, $reach, $left);

        return new AugerCheckResult($bit->spursMm - $bit->twistMm, $feed, $reach, $left, $verdict, $reason);
    }

    /** @return array{AugerVerdict, string} the first that applies */
    private static function verdict(AugerCheckInput $bit, ?float $reach, ?int $left): array
    {
        return match (true) {
            $bit->spursMm < $bit->twistMm => [
                AugerVerdict::SetAside,
                'the spurs are narrower than the twist: it jams in its own hole',
            ],
            $reach !== null && $reach <= 0.0 => [
                AugerVerdict::SetAside,
                'the spurs reach no deeper than a turn goes in: the cutters tear the rim',
            ],
            $bit->sharp => [AugerVerdict::Keep, 'the spurs clear the twist, and it cuts clean'],
            $left === 0 => [AugerVerdict::SetAside, 'one more filing leaves the spurs too short'],
            default => [AugerVerdict::File, 'inside of the spurs and upper face of the cutters only'],
        };
    }
}
