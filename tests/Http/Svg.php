<?php

declare(strict_types=1);

namespace Tests\Http;

use DOMDocument;
use DOMElement;

/** A printed SVG file read back, without the code that wrote it. */
final readonly class Svg
{
    private DOMDocument $file;

    public DOMElement $root;

    public function __construct(string $text)
    {
        $this->file = new DOMDocument();
        $this->file->loadXML($text);
        $this->root = $this->file->documentElement ?? throw new \RuntimeException('The file is empty.');
    }

    /**
     * @param  string|null  $stroke  those of this width only
     * @return list<array{float, float, float, float}> x1, y1, x2, y2
     */
    public function lines(?string $stroke = null): array
    {
        $lines = array_filter(
            iterator_to_array($this->file->getElementsByTagName('line'), false),
            static fn (DOMElement $line): bool => $stroke === null || $line->getAttribute('stroke-width') === $stroke,
        );

        return array_values(
            array_map(
                static fn (DOMElement $line): array => [
                    (float) $line->getAttribute('x1'),
                    (float) $line->getAttribute('y1'),
                    (float) $line->getAttribute('x2'),
                    (float) $line->getAttribute('y2'),
                ],
                $lines,
            ),
        );
    }

    /** @return array<string, list<string>> closed shapes as well-known text, by class */
    public function polygons(): array
    {
        $shapes = [];
        foreach ($this->file->getElementsByTagName('path') as $path) {
            $d = $path->getAttribute('d');
            if (str_ends_with($d, 'Z')) {
                $rings = array_map(
                    self::ring(...),
                    array_filter(explode('Z', $d), static fn (string $ring): bool => $ring !== ''),
                );
                $shapes[$path->getAttribute('class')][] = 'POLYGON ('.implode(', ', $rings).')';
            }
        }

        return $shapes;
    }

    /** How long all paths of a stroke are together, mm. */
    public function length(string $stroke): float
    {
        $length = 0.0;
        foreach ($this->file->getElementsByTagName('path') as $path) {
            foreach (
                $path->getAttribute('stroke-width') === $stroke
                    ? array_filter(
                        explode('Z', $path->getAttribute('d')),
                        static fn (string $ring): bool => $ring !== '',
                    )
                    : [] as $ring
            ) {
                $points = array_map(
                    static fn (string $point): array => array_map(floatval(...), explode(' ', $point)),
                    explode('L', ltrim($ring, 'M')),
                );
                foreach ($points as $index => $point) {
                    $next = $points[$index + 1] ?? $points[0];
                    $length += hypot($next[0] - $point[0], $next[1] - $point[1]);
                }
            }
        }

        return $length;
    }

    private static function ring(string $d): string
    {
        $points = explode('L', ltrim($d, 'M'));

        return '('.implode(', ', [...$points, $points[0]]).')';
    }
}
