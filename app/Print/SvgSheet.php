<?php

declare(strict_types=1);

namespace App\Print;

use App\Http\HiddenCharacters;
use JackRest\Core\Outline\Path;
use JackRest\Desk\Print\Line;
use JackRest\Desk\Print\Sheet;
use JackRest\Desk\Print\Text;
use JackRest\Desk\Print\Trace;

/** A sheet as an SVG file: one unit of its view is one millimetre of paper. */
final class SvgSheet
{
    public static function write(Sheet $sheet): string
    {
        [$width, $height] = [self::plain($sheet->width), self::plain($sheet->height)];
        $marks = implode(
            "\n",
            array_map(
                static fn (object $mark): string => match (true) {
                    $mark instanceof Line => self::line($mark),
                    $mark instanceof Text => self::text($mark),
                    $mark instanceof Trace => self::trace($mark),
                    default => '',
                },
                $sheet->marks,
            ),
        );
        $title = self::escaped($sheet->title);

        return <<<SVG
        <?xml version="1.0" encoding="UTF-8"?>
        <svg xmlns="http://www.w3.org/2000/svg" width="{$width}mm" height="{$height}mm" viewBox="0 0 $width $height">
        <title>$title</title>
        <rect width="$width" height="$height" fill="#fff"/>
        $marks
        </svg>

        SVG;
    }

    private static function line(Line $line): string
    {
        $dash = $line->dashed ? ' stroke-dasharray="2 1.5"' : '';

        return sprintf(
            '<line x1="%.3F" y1="%.3F" x2="%.3F" y2="%.3F" stroke="#000" stroke-width="%.2F"%s/>',
            $line->fromX,
            $line->fromY,
            $line->toX,
            $line->toY,
            $line->widthMm,
            $dash,
        );
    }

    private static function text(Text $text): string
    {
        return sprintf(
            '<text x="%.3F" y="%.3F" font-family="sans-serif" font-size="%.2F" font-weight="%d">%s</text>',
            $text->x,
            $text->y,
            $text->heightMm,
            $text->bold ? 700 : 400,
            self::escaped($text->says),
        );
    }

    private static function trace(Trace $trace): string
    {
        return sprintf(
            '<path class="%s" d="%s" fill="none" stroke="#000" stroke-width="%.2F"/>',
            self::escaped($trace->of),
            self::path($trace->path),
            $trace->widthMm,
        );
    }

    private static function path(Path $path): string
    {
        $written = '';
        foreach ([$path->points, ...$path->holes] as $points) {
            $ring = array_map(static fn (array $point): string => sprintf('%.3F %.3F', ...$point), $points);
            $written .= 'M'.implode('L', $ring).($path->isClosed ? 'Z' : '');
        }

        return $written;
    }

    /** A size without needless noughts. */
    private static function plain(float $mm): string
    {
        return (string) round($mm, 3);
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars(HiddenCharacters::without($text), ENT_XML1 | ENT_QUOTES, 'UTF-8');
    }
}
