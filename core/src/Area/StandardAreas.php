<?php

declare(strict_types=1);

namespace Dinghy\Area;

use Dinghy\Area\Day\DayArea;
use Dinghy\Area\Kit\KitArea;
use Dinghy\Area\Layout\LayoutArea;
use Dinghy\Area\Metering\MeteringArea;
use Dinghy\Area\Power\PowerArea;
use Dinghy\Area\Rigging\RiggingArea;
use Dinghy\Area\Sonar\SonarArea;
use Dinghy\Area\Survey\SurveyArea;
use Dinghy\Evaluation\Areas;

/** Every area of Dinghy, in the order of work: the one list that names them. */
final class StandardAreas
{
    public static function areas(): Areas
    {
        static $areas = null;

        return $areas instanceof Areas ? $areas : $areas = new Areas([
            new SurveyArea,
            new LayoutArea,
            new PowerArea,
            new SonarArea,
            new DayArea,
            new KitArea,
            new RiggingArea,
            new MeteringArea,
        ]);
    }
}
