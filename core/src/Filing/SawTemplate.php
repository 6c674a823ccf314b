<?php

declare(strict_types=1);

namespace JackRest\Core\Filing;

use JackRest\Core\Calculation\Calculates;

/**
 * Where the tips of a saw's teeth stand, for a template to file new teeth by.
 *
 * From the toe on, tip n stands at n·p. With another pitch p₀ at the toe, over its length L₀: either tips of p₀ until
 * one stands at L₀ or beyond, and of p after it; or graded, the pitch growing evenly, p(x) = p₀ + (p − p₀)·x/L₀, which
 * puts tip n at
 * x = p₀·L₀/(p − p₀)·(e^((p − p₀)·n/L₀) − 1) (the solution of dx/dn = p(x)); L₀ is reached at
 * n₀ = L₀·ln(p/p₀)/(p − p₀), and beyond it tip n stands at L₀ + (n − n₀)·p. So no step lies outside the two pitches.
 * Source: geometry.
 */
#[Calculates('saw-template', 'Where the tips of a saw’s teeth stand')]
final class SawTemplate
{
    private const NEAR = 1e-9;

    public function __invoke(SawTemplateInput $saw): SawTemplateResult
    {
        [$pitch, $toe] = [$saw->pitch(), $saw->toePitchMm ?? $saw->pitch()];
        $toeLength = $saw->toePitchMm === null ? 0.0 : $saw->toeLengthMm ?? $saw->lengthMm;
        $tips = [0.0];
        while (($next = self::next($tips, $pitch, $toe, $toeLength, $saw->graded)) <= $saw->lengthMm + self::NEAR) {
            $tips[] = $next;
        }
        $apart = array_map(
            static fn (float $from, float $to): float => $to - $from,
            array_slice($tips, 0, -1),
            array_slice($tips, 1),
        );

        return new SawTemplateResult(
            $tips,
            count($tips),
            $apart === [] ? $toe : min($apart),
            $apart === [] ? $toe : max($apart),
            $saw->lengthMm - $tips[count($tips) - 1],
        );
    }

    /** @param  non-empty-list<float>  $tips */
    private static function next(array $tips, float $pitch, float $toe, float $toeLength, bool $graded): float
    {
        $count = count($tips);
        $last = $tips[$count - 1];
        if ($toeLength <= 0.0) {
            return $count * $pitch;
        }
        if (! $graded || abs($pitch - $toe) < self::NEAR) {
            return $last + ($last >= $toeLength - self::NEAR ? $pitch : $toe);
        }

        return self::graded($count, $pitch, $toe, $toeLength);
    }

    /** Where n(x), the integral of dx over p(x), is a whole number. */
    private static function graded(int $count, float $pitch, float $toe, float $toeLength): float
    {
        $growth = ($pitch - $toe) / $toeLength;
        $atLength = log($pitch / $toe) / $growth;

        return $count <= $atLength
            ? ($toe / $growth) * expm1($growth * $count)
            : $toeLength + ($count - $atLength) * $pitch;
    }
}
