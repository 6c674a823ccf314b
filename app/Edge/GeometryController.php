<?php

declare(strict_types=1);

namespace App\Edge;

use App\Edge\Answer\GeometryPageAnswer;
use App\Edge\Answer\GeometryPreviewAnswer;
use App\Ledger\Changes;
use App\Ledger\Ledger;
use JackRest\Core\Measure\LengthFormatter;

/** An edge’s angles and faces. */
final class GeometryController
{
    public function show(Edge $edge, LengthFormatter $format): GeometryPageAnswer
    {
        return GeometryResource::page($edge->load('tool'), $format);
    }

    public function update(
        VersionedGeometryFormRequest $request,
        Ledger $ledger,
        Edge $edge,
        LengthFormatter $format,
    ): GeometryPageAnswer {
        $values = $request->values($edge, $format);
        $ledger->record(
            'edge-changed',
            $values['name'],
            "Changed the figures of the {$values['name']}.",
            static function (Changes $changes) use ($edge, $values, $request): void {
                $changes->update($edge, $values, $request->version());
            },
        );

        return $this->show($edge, $format);
    }

    /** What an edge's figures make together; writes nothing. */
    public function preview(GeometryFormRequest $request, Edge $edge, LengthFormatter $format): GeometryPreviewAnswer
    {
        return GeometryResource::preview($request->form($edge, $format), $format);
    }
}
