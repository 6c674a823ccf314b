<?php

declare(strict_types=1);

namespace App\Making;

use App\Http\OutlineResource;
use App\Making\Answer\PlanDimAnswer;
use App\Making\Answer\PlanViewAnswer;
use JackRest\Desk\Making\Dim;
use JackRest\Desk\Making\View;

/** A view of a shop drawing, its paths as SVG path data in mm. */
final class ViewResource
{
    public static function of(View $view): PlanViewAnswer
    {
        return new PlanViewAnswer(
            name: $view->name,
            widthMm: $view->width,
            heightMm: $view->height,
            seen: array_map(OutlineResource::path(...), $view->seen),
            hidden: array_map(OutlineResource::path(...), $view->hidden),
            dims: array_map(
                static fn (Dim $dim): PlanDimAnswer => new PlanDimAnswer(
                    fromX: $dim->fromX,
                    fromY: $dim->fromY,
                    toX: $dim->toX,
                    toY: $dim->toY,
                    says: $dim->says,
                    side: $dim->side,
                ),
                $view->dims,
            ),
        );
    }
}
