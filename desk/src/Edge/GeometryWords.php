<?php

declare(strict_types=1);

namespace JackRest\Desk\Edge;

use JackRest\Core\Basis;
use JackRest\Core\Edge\EdgeGeometry;
use JackRest\Core\Edge\GeometryLine;
use JackRest\Core\Edge\NickRoute;
use JackRest\Core\Edge\SharpeningPlan;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;

/** What the geometry of an edge means, in sentences, and what to do about it. */
final readonly class GeometryWords
{
    public function __construct(private EdgeGeometry $geometry, private LengthFormatter $format)
    {
    }

    /** @return list<GeometryLine> */
    public function lines(): array
    {
        return array_values(array_filter([...$this->angles(), ...$this->bevels(), $this->curve(), $this->nick()]));
    }

    public function next(): Advice
    {
        $cutting = $this->geometry->cutting;

        return match (true) {
            $cutting !== null && $cutting->clearanceDeg < 0 => new Advice(
                'It cannot cut: the heel rubs.',
                'Grind the bevel flatter than the bed, or raise the bed.',
            ),
            ($this->geometry->nick->route ?? null) === NickRoute::Grind => new Advice(
                'Grind this nick out.',
                'Honed out, it would leave a secondary bevel '.
                    $this->format->small($this->geometry->nick->microWidthMm ?? 0.0).
                    ' wide.',
            ),
            ($this->geometry->micro->honingsLeft ?? 1) === 0 => new Advice(
                'Back to the grinder before the next honing.',
                'The secondary bevel has grown to '.
                    $this->format->small($this->geometry->micro->widthMm ?? 0.0).
                    '.',
            ),
            ($this->geometry->hollow->honingsUntilFlat ?? 1) === 0 => new Advice(
                'The hollow is gone: back to the wheel.',
                'Honing now lies on the whole bevel.',
            ),
            $cutting !== null && $cutting->warnings !== [] => new Advice(
                'It cuts, but not for long.',
                ucfirst($cutting->warnings[0]).'.',
            ),
            $cutting !== null => new Advice(
                'It cuts at '.
                    self::deg($cutting->effectiveCuttingDeg).
                    ', with '.
                    self::deg($cutting->clearanceDeg).
                    ' of clearance.',
                self::grain($cutting->effectiveCuttingDeg),
            ),
            default => new Advice(
                'The edge is '.self::deg($this->geometry->blade->secondaryDeg).'.',
                self::keen($this->geometry->blade->secondaryDeg),
            ),
        };
    }

    /** @return list<Explanation> */
    public function explained(): array
    {
        [$blade, $cutting, $micro] = [$this->geometry->blade, $this->geometry->cutting, $this->geometry->micro];

        return array_values(
            array_filter([
                $cutting === null || $blade->bedDeg === null
                    ? null
                    : new Explanation(
                        'Where does the cutting angle come from?',
                        $blade->bevelUp
                            ? 'cutting = bed + bevel, clearance = bed − back bevel'
                            : 'cutting = bed + back bevel, clearance = bed − bevel',
                        self::deg($blade->bedDeg).
                            ($blade->bevelUp
                                ? ' + '.self::deg($blade->secondaryDeg)
                                : ' + '.self::deg($blade->backBevelDeg)).
                            ' = '.
                            self::deg($cutting->cuttingDeg),
                        Basis::Published,
                        'Plane trigonometry; the least clearance of 7° is common practice.',
                    ),
                $micro === null
                    ? null
                    : new Explanation(
                        'How many honings until the grinder?',
                        'honings = (widest · sin(s − p) ÷ sin p − gone back so far) ÷ a honing',
                        'to '.
                            $this->format->small(SharpeningPlan::WIDEST_MICRO_BEVEL_MM).
                            ' at '.
                            $this->format->small($this->geometry->honingMm).
                            ' a honing → '.
                            $micro->honingsLeft,
                        Basis::Model,
                        'Plane trigonometry. How far a honing goes back is from your own record where there is one, '
                            .'else from memory.',
                    ),
            ]),
        );
    }

    /** @return list<GeometryLine|null> */
    private function angles(): array
    {
        $cutting = $this->geometry->cutting;
        $blade = $this->geometry->blade;

        return [
            $cutting === null
                ? null
                : new GeometryLine(
                    'Cutting angle',
                    self::deg($cutting->cuttingDeg),
                    $blade->skewDeg > 0 ? 'along its path '.self::deg($cutting->effectiveCuttingDeg) : '',
                ),
            $cutting === null
                ? null
                : new GeometryLine('Clearance', self::deg($cutting->clearanceDeg), $cutting->warnings[0] ?? ''),
            new GeometryLine(
                'The steel itself',
                self::deg($cutting->includedDeg ?? $blade->secondaryDeg),
                $blade->backBevelDeg > 0 ? 'with a back bevel of '.self::deg($blade->backBevelDeg) : '',
            ),
        ];
    }

    /** @return list<GeometryLine|null> */
    private function bevels(): array
    {
        [$micro, $hollow] = [$this->geometry->micro, $this->geometry->hollow];

        return [
            $micro === null
                ? null
                : new GeometryLine(
                    'Secondary bevel',
                    $this->format->small($micro->widthMm),
                    self::left((int) $micro->honingsLeft, 'goes back to the grinder'),
                ),
            $hollow === null
                ? null
                : new GeometryLine(
                    'Hollow',
                    $this->format->small($hollow->hollowDepthMm),
                    'edge '.self::deg($hollow->edgeDeg).', heel '.self::deg($hollow->heelDeg).' as ground',
                ),
            $hollow === null
                ? null
                : new GeometryLine(
                    'Each land',
                    $this->format->small($hollow->landMm),
                    self::left((int) $hollow->honingsUntilFlat, 'is flat'),
                ),
        ];
    }

    private function curve(): ?GeometryLine
    {
        $camber = $this->geometry->camber;

        return $camber === null
            ? null
            : new GeometryLine(
                'Curve',
                'radius '.$this->format->dimension($camber->radiusMm),
                $this->format->small($camber->sagMm).
                    ' on the iron, '.
                    $this->format->small($camber->reliefMm).
                    ' in the wood',
            );
    }

    private function nick(): ?GeometryLine
    {
        $nick = $this->geometry->nick;

        return $nick === null
            ? null
            : new GeometryLine(
                'Nick',
                $nick->route === NickRoute::Hone ? 'hone it out' : 'grind it out',
                'honing takes '.
                    LengthFormatter::decimal($nick->honeVolumeMm3, 1).
                    ' mm³, grinding '.
                    LengthFormatter::decimal($nick->grindVolumeMm3, 1),
            );
    }

    private static function left(int $honings, string $then): string
    {
        return match ($honings) {
            0 => "it $then now",
            1 => "one honing until it $then",
            default => "$honings honings until it $then",
        };
    }

    /** Common practice. */
    private static function grain(float $deg): string
    {
        return match (true) {
            $deg < 43 => 'Low: easy on end grain, tears where the grain turns.',
            $deg <= 47 => 'The common pitch, for most woods.',
            $deg <= 55 => 'High: for wild grain; harder to push.',
            default => 'It scrapes more than it cuts: for the wildest grain.',
        };
    }

    /** Common practice. */
    private static function keen(float $deg): string
    {
        return match (true) {
            $deg < 25 => 'For paring by hand: struck, it crumbles.',
            $deg <= 32 => 'For general work.',
            default => 'For chopping: it stands the mallet.',
        };
    }

    private static function deg(float $deg): string
    {
        return LengthFormatter::decimal($deg, 1).'°';
    }
}
