import react from '@vitejs/plugin-react';
export default { plugins:[react()], server:{ port:5174, hmr:false, fs:{allow:['..']}, proxy:{'/api':{target:'http://localhost:8197',changeOrigin:true, headers:{origin:'http://localhost:8197'}}} } };
