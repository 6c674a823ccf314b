<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** One result of an edge's geometry: what it is, its figure, and what follows from it. */
final readonly class GeometryLine
{
    public function __construct(public string $label, public string $text, public string $says)
    {
    }
}
