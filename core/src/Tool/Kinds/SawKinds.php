<?php

declare(strict_types=1);

namespace JackRest\Core\Tool\Kinds;

use JackRest\Core\Filing\SawUse;
use JackRest\Core\Timber\Grain;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\Group;
use JackRest\Core\Tool\ToolKind;

/** Saws for stock, for joints and for waste. Common practice; prices invented. */
final class SawKinds
{
    /** Plates as thin as this usually come with hardened teeth; common practice. */
    private const HARDENED_MM = 0.4;

    /** @return list<ToolKind> */
    public static function list(): array
    {
        return [...self::backSaws(), ...self::handsaws(), ...self::pullSaws(), ...self::framed()];
    }

    /** @return list<ToolKind> */
    private static function backSaws(): array
    {
        return [
            new ToolKind(
                'dovetail-saw',
                'dovetail saw',
                'Small back saw with fine rip teeth.',
                'Tails, pins and other fine cuts along the grain.',
                'Fine teeth clog in thick stock.',
                'back-saw',
                Group::Saws,
                75,
                self::backed(Grain::RIP, 250, 15, 45, 0.5),
                wants: ['saw-files', 'bench-vice'],
            ),
            new ToolKind(
                'carcase-saw',
                'carcase saw',
                'Back saw with crosscut teeth, for shoulders and ends.',
                'Shoulders, ends and mitres, across the grain.',
                'Along the grain its teeth wander.',
                'back-saw',
                Group::Saws,
                80,
                self::backed(Grain::CROSS, 280, 12, 62, 0.55),
                wants: ['saw-files', 'bench-hook'],
            ),
            new ToolKind(
                'tenon-saw',
                'tenon saw',
                'Larger back saw with rip teeth and 50 mm or more under the back.',
                'Tenon cheeks and other deep cuts along the grain.',
                'A big saw needs practice hours before it is an asset.',
                'back-saw',
                Group::Saws,
                95,
                self::backed(Grain::RIP, 355, 11, 80, 0.6),
                wants: ['saw-files', 'bench-vice'],
                series: [['depth' => 60, 'length' => 300], ['depth' => 90, 'length' => 355]],
            ),
            new ToolKind(
                'flush-saw',
                'flush-cut saw',
                'Thin plate without set on one side.',
                'Cut plugs and dowels level with a surface.',
                'A little set scratches: lay a card under it.',
                'pull-saw',
                Group::Saws,
                22,
                self::plain(Grain::BOTH, 150, 20, 40, 0.3),
                runningPerYear: 4,
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function handsaws(): array
    {
        return [
            new ToolKind(
                'rip-handsaw',
                'rip handsaw',
                'Long plate, five to seven points per inch, chisel teeth.',
                'Bring boards to width along the grain.',
                'Forced, it buckles; let it fall.',
                'handsaw',
                Group::Saws,
                70,
                self::plain(Grain::RIP, 650, 5, 165, 0.9),
                wants: ['saw-files', 'saw-bench'],
            ),
            new ToolKind(
                'crosscut-handsaw',
                'crosscut handsaw',
                'Long plate without a back, knife teeth: breaks boards down.',
                'Bring boards to length.',
                'A kinked plate never saws straight.',
                'handsaw',
                Group::Saws,
                65,
                self::plain(Grain::CROSS, 560, 8, 150, 0.85),
                wants: ['saw-files', 'saw-bench'],
            ),
            new ToolKind(
                'panel-saw',
                'panel saw',
                'A shorter handsaw with finer teeth.',
                'Crosscut thin stock and panels at the bench.',
                'Too fine for thick boards.',
                'handsaw',
                Group::Saws,
                60,
                self::plain(Grain::CROSS, 500, 11, 130, 0.8),
                wants: ['saw-files'],
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function pullSaws(): array
    {
        return [
            new ToolKind(
                'double-edged-pull-saw',
                'double-edged pull saw',
                'Rip teeth on one edge, crosscut on the other; no back, so no limit of depth.',
                'Ripping, crosscutting and deep cheeks in one saw.',
                'Pushed, the thin plate kinks.',
                'pull-saw',
                Group::Saws,
                40,
                self::plain(Grain::BOTH, 240, 15, 90, 0.5),
                runningPerYear: 8,
            ),
            new ToolKind(
                'backed-pull-saw',
                'backed pull saw',
                'Very thin plate under a stiff back, cut on the pull.',
                'Dovetails and shoulders with a thin kerf.',
                'Hardened teeth can’t be filed: the blade is changed.',
                'pull-saw',
                Group::Saws,
                45,
                self::backed(Grain::CROSS, 240, 20, 50, 0.3),
                runningPerYear: 8,
            ),
            new ToolKind(
                'fine-pull-saw',
                'fine rip pull saw',
                'Small pull saw with rip teeth.',
                'Tails and pins.',
                'Fragile teeth: no knots.',
                'pull-saw',
                Group::Saws,
                38,
                self::plain(Grain::RIP, 210, 18, 45, 0.3),
                runningPerYear: 8,
            ),
        ];
    }

    /** @return list<ToolKind> */
    private static function framed(): array
    {
        return [
            new ToolKind(
                'coping-saw',
                'coping saw',
                'Thin blade in a frame: clears waste round corners.',
                'Waste between tails, and curves in thin stock.',
                'Most of its blades do not pass a fine dovetail kerf.',
                'coping-saw',
                Group::Saws,
                25,
                self::bladed(160, 120, 15, 0.5),
                runningPerYear: 5,
            ),
            new ToolKind(
                'fret-saw',
                'fret saw',
                'Deep frame, very fine blade.',
                'Waste between tails: the blade drops into the kerf.',
                'Blades break; keep a dozen.',
                'coping-saw',
                Group::Saws,
                32,
                self::bladed(130, 120, 20, 0.25),
                runningPerYear: 9,
            ),
            new ToolKind(
                'bow-saw',
                'bow saw',
                'A blade strained in a wooden frame, turned to any angle.',
                'Curves in thick stock, and ripping with a wide blade.',
                'Slack, it twists in the cut; let it off after work.',
                'bow-saw',
                Group::Saws,
                60,
                self::bladed(400, 180, 9, 0.7),
                runningPerYear: 4,
            ),
        ];
    }

    /** @return list<Dimension> */
    private static function backed(float $cut, float $lengthMm, float $tpi, float $depthMm, float $plateMm): array
    {
        return [
            Dimension::teeth($tpi, 4, 32)->asked(),
            Dimension::length('depth', 'depth under the back', $depthMm, 15, 160)->asked(),
            ...self::plate($lengthMm, $plateMm),
            Dimension::cut($cut),
            ...self::filed($cut, $plateMm),
            Dimension::length('handle', 'handle', 120, 60, 180),
        ];
    }

    /** @return list<Dimension> */
    private static function plain(float $cut, float $lengthMm, float $tpi, float $depthMm, float $plateMm): array
    {
        return [
            Dimension::teeth($tpi, 3, 32)->asked(),
            ...self::plate($lengthMm, $plateMm),
            Dimension::length('depth', 'width of the plate', $depthMm, 15, 220),
            Dimension::cut($cut),
            ...self::filed($cut, $plateMm),
            Dimension::length('handle', 'handle', 130, 60, 320),
        ];
    }

    /** @return list<Dimension> */
    private static function bladed(float $lengthMm, float $throatMm, float $tpi, float $plateMm): array
    {
        return [
            Dimension::length('length', 'blade length', $lengthMm, 80, 800)->asked(),
            Dimension::length('depth', 'throat', $throatMm, 40, 350)->asked(),
            Dimension::thickness('plate', 'blade thickness', $plateMm, 0.1, 1.2)->asked(),
            Dimension::teeth($tpi, 3, 60),
            Dimension::length('handle', 'handle', 105, 60, 180),
        ];
    }

    /** @return list<Dimension> */
    private static function plate(float $lengthMm, float $plateMm): array
    {
        return [
            Dimension::length('length', 'length of the toothed edge', $lengthMm, 100, 800)->asked(),
            Dimension::thickness('plate', 'plate thickness', $plateMm, 0.15, 1.3),
            Dimension::thickness('set', 'set a side', 0.08, 0, 0.5),
        ];
    }

    /**
     * How its teeth are filed; those of thin plates are usually hardened.
     *
     * @return list<Dimension>
     */
    private static function filed(float $cut, float $plateMm): array
    {
        $use = match ($cut) {
            Grain::RIP => SawUse::Rip,
            Grain::CROSS => SawUse::Cross,
            default => SawUse::Joinery,
        };

        return [
            Dimension::degrees('rake', 'rake', $use->rakeDeg(), 0, 45),
            Dimension::degrees('fleam', 'fleam', $use->fleamDeg(), 0, 45),
            Dimension::degrees('slope', 'slope', 0, 0, 30),
            Dimension::yesNo('hardened', 'hardened teeth', $plateMm <= self::HARDENED_MM),
        ];
    }
}
