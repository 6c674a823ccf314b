<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Filing\SawTemplateResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Mark;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Tile;
use JackRest\Desk\Print\Tiling;

/** A template to file new teeth by: a line at every tip, laid down the long side of the paper. */
final class SawTemplatePrint
{
    private const FOLD_MM = 40.0;

    private const LINE_MM = 10.0;

    private const TENTH_MM = 18.0;

    private const TOP_MM = 14.0;

    private const WIDTH_MM = 100.0;

    /**
     * @param  array{float, float}|null  $relaxed  over what length from the toe, mm, and by which rake, degrees
     * @return list<Tile>
     */
    public static function tiles(
        string $saw,
        SawTemplateResult $template,
        ?array $relaxed,
        LengthFormatter $format,
    ): array {
        return Tiling::tiles(
            "Teeth for the $saw",
            self::WIDTH_MM,
            self::height($template),
            self::marks($template, $relaxed, $format),
        );
    }

    /**
     * All of it in one drawing, for a long printer.
     *
     * @param  array{float, float}|null  $relaxed
     */
    public static function whole(
        string $saw,
        SawTemplateResult $template,
        ?array $relaxed,
        LengthFormatter $format,
    ): Sheet {
        return new Sheet(
            "Teeth for the $saw",
            self::marks($template, $relaxed, $format),
            self::WIDTH_MM,
            self::height($template),
        );
    }

    private static function height(SawTemplateResult $template): float
    {
        return self::TOP_MM + max([0.0, ...$template->tipsMm]) + $template->overMm + 6.0;
    }

    /**
     * @param  array{float, float}|null  $relaxed
     * @return list<Mark>
     */
    private static function marks(SawTemplateResult $template, ?array $relaxed, LengthFormatter $format): array
    {
        $last = max([0.0, ...$template->tipsMm]);
        $marks = [
            new Text(self::FOLD_MM + self::TENTH_MM + 4, self::TOP_MM + 2, "toe: {$template->teeth} tips", 4, true),
            new Text(
                self::FOLD_MM + self::TENTH_MM + 4,
                self::TOP_MM + 7,
                $template->coarsestMm - $template->finestMm < 1e-6
                    ? $format->small($template->coarsestMm).' apart'
                    : $format->small($template->finestMm).' to '.$format->small($template->coarsestMm).' apart',
                3,
            ),
            new Text(
                self::FOLD_MM + self::TENTH_MM + 4,
                self::TOP_MM + 12,
                'Fold here over the jointed edge, glue it on,',
                3,
            ),
            new Text(self::FOLD_MM + self::TENTH_MM + 4, self::TOP_MM + 16, 'nick every line, then file.', 3),
            new Line(self::FOLD_MM, self::TOP_MM, self::FOLD_MM, self::TOP_MM + $last + $template->overMm, 0.2),
        ];
        if ($relaxed !== null) {
            [$length, $rake] = $relaxed;
            $at = self::TOP_MM + $length;
            $marks[] = new Line(self::FOLD_MM - 26, $at, self::FOLD_MM + 40, $at, 0.3, true);
            $marks[] = new Text(
                self::FOLD_MM + 30,
                $at - 1.5,
                'up to here '.LengthFormatter::decimal($rake, 1).'° of rake',
                3,
                true,
            );
        }
        foreach ($template->tipsMm as $index => $tip) {
            $long = $index % 10 === 0 ? self::TENTH_MM : self::LINE_MM;
            $y = self::TOP_MM + $tip;
            $marks[] = new Line(self::FOLD_MM - $long, $y, self::FOLD_MM + $long, $y, 0.1);
            if ($index % 10 === 0) {
                $marks[] = new Text(self::FOLD_MM - self::TENTH_MM - 10, $y + 1, (string) $index, 3);
            }
        }

        return $marks;
    }
}
