import { Drawer, Modal, type DrawerProps, type ModalProps } from 'antd';
import { useBackCloses } from './useBackCloses';

/** A dialog that the browser's Back closes. */
export function Dialog(props: ModalProps & { onCancel: () => void }) {
  useBackCloses(props.open === true, props.onCancel);
  return <Modal {...props} />;
}

/** A drawer that the browser's Back closes. */
export function Sheet(props: DrawerProps & { onClose: () => void }) {
  useBackCloses(props.open === true, props.onClose);
  return <Drawer {...props} />;
}
