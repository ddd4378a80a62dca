import { Stage } from '../frame/Stage';
import { Workbench } from './Workbench';

export function PowerStage() {
    return <Stage stage="power">{(props) => <Workbench {...props} />}</Stage>;
}
