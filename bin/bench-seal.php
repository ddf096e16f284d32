<?php

declare(strict_types=1);

// How long all ways of a seal take, and how near tape comes to the bound of what any layout of stock along the wall
// could hold: ./facelift bench

use Facelift\Condition\Condition;
use Facelift\Geometry\Side;
use Facelift\Seal\CornerCut;
use Facelift\Seal\SealRequest;
use Facelift\Seal\TapeLayer;
use Facelift\Seal\WayFinder;
use Facelift\Tests\Phones;
use Facelift\Tests\Seal\Ledges;
use Facelift\Tests\Seal\TapeBound;

require __DIR__ . '/../vendor/autoload.php';

printf("%s\n", '| bond | pieces | held, mm² | bound, mm² | share | edge held | longest bare, mm | all ways, ms |');
printf("%s\n", '| --- | --- | --- | --- | --- | --- | --- | --- |');
foreach (Phones::ids() as $id) {
    $phone = Phones::read($id);
    $part = array_values($phone->replacements)[0];
    foreach ($phone->bonds as $bond) {
        if ($bond->cut === null) {
            continue;
        }
        $request = new SealRequest($phone, $bond, $part, Condition::observed([]));
        $rim = $request->rim();
        $layout = (new TapeLayer())->lay($rim, Ledges::STOCK, CornerCut::Notched, Side::Top);
        (new WayFinder())->find($request);
        $times = [];
        for ($i = 0; $i < 5; ++$i) {
            $start = hrtime(true);
            (new WayFinder())->find($request);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $bound = TapeBound::of($rim);
        printf(
            "| %s %s · %s | %d | %.0f | %.0f | %.1f %% | %.1f %% | %.1f | %.0f |\n",
            $phone->identity->maker,
            $phone->identity->model,
            $bond->id,
            count($layout->pieces),
            $layout->holds(),
            $bound,
            100 * $layout->holds() / $bound,
            100 * $layout->held,
            $layout->bare->length ?? 0.0,
            $times[2],
        );
    }
}
